import type { PracticeObjection } from '@contracts/practice/practice';
import { KIND_WORDS, optionWords, piecesIn, whyWords } from '@core/practice';
import { speaker } from '@core/say';
import { Button } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { pageTongue } from '@ui/tongue';

interface Props {
  readonly objections: readonly PracticeObjection[];
  readonly onRead: () => Promise<void>;
}

/** What was argued with the judge, for the owner: a rule that is argued with often may want another threshold. */
export function Objections({ objections, onRead }: Props) {
  const read = (taskId: string): void => {
    call('read-objection', { taskId }).then(onRead, showProblem);
  };
  return (
    <section className="sheet">
      <h2>What was argued</h2>
      <ul className="practice-argued">
        {objections.map((each) => (
          <li key={each.id}>
            <p>
              <b>{each.name}</b>, {KIND_WORDS[each.kind].toLowerCase()}: “{each.objection}”
            </p>
            <p className="soft">{judgeSaid(each)}</p>
            <Button size="xs" variant="default" onClick={() => read(each.id)}>
              Read
            </Button>
          </li>
        ))}
      </ul>
      <p className="small">
        Thresholds and weights are set under <a href="/house-rules">House rules</a>.
      </p>
    </section>
  );
}

function judgeSaid({ exercise, key, chosen }: PracticeObjection): string {
  if (!exercise || !key) return '';
  const by = speaker(piecesIn(exercise), { tongue: pageTongue() });
  const named = (place: number): string => {
    const option = exercise.options[place];
    return option ? optionWords(option, place, by) : '';
  };
  const said = [...key.right, ...chosen].map((place) => whyWords(key, place, by)).find(Boolean) ?? '';
  return `Chosen: ${chosen.map(named).join(', ') || 'three looks'}. Right: ${key.right.map(named).join(' or ') || 'another three'}. ${said}`;
}
