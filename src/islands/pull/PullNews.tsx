import { reasonWords, type sharedBy } from '@core/pull';
import { eitherOf, type Tongue, uncapital } from '@core/words';
import type { usePullList } from './usePullList';

interface Props {
  readonly answer: ReturnType<typeof usePullList>['answer'];
  readonly shared: ReturnType<typeof sharedBy>;
  readonly tongue: Tongue;
}

/** What a stylist reads before the list: that it is coming, that it is empty, what none has and what all have. */
export function PullNews({ answer, shared, tongue }: Props) {
  return (
    <>
      {!answer && (
        <p role="status" className="sheet empty">
          Looking through the stock…
        </p>
      )}
      {answer?.rows.length === 0 && (
        <p className="sheet empty">
          <strong>Nothing on the shelf fits and answers this.</strong>
          Look at everything, allow a higher price, or untick "Only what fits".
        </p>
      )}
      {answer && answer.noneIn.length > 0 && (
        <p role="status" className="sheet empty">
          <strong>No {eitherOf(answer.noneIn, tongue.english)} in this size.</strong> The nearest come first.
        </p>
      )}
      {(shared.reasons.length > 0 || shared.doubt) && (
        <p className="pull-shared">
          {shared.reasons.length > 0 && (
            <>All of them: {shared.reasons.map((said) => uncapital(reasonWords(said, tongue))).join('; ')}.</>
          )}
          {shared.doubt && <span className="pull-doubt">{reasonWords(shared.doubt, tongue)}.</span>}
        </p>
      )}
    </>
  );
}
