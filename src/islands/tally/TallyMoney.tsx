import type { BoxView } from '@contracts/box/box-view';
import { isClosed } from '@core/box';
import { chargedWords, money } from '@core/money';
import { Button, Textarea } from '@mantine/core';
import { BoxPageLink } from '@ui/BoxPageLink';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { openCard } from './CardTerminal';

interface Props {
  readonly view: BoxView;
  readonly busy: string | undefined;
  readonly notes: string;
  readonly onNotes: (notes: string) => void;
  /** What stands in the way of closing, in words; empty: nothing. */
  readonly waits: string;
  readonly hasExchange: boolean;
  readonly onClose: () => void;
}

const dueLabel = (dueMinor: number, closed: boolean, paid: string): string =>
  dueMinor < 0 ? (closed ? 'Given back' : 'To give back') : closed ? `Charged ${paid}` : 'To charge';

/** What a box comes to, step by step, and what became of it. */
export function TallyMoney({ view, busy, notes, onNotes, waits, hasExchange, onClose }: Props) {
  const { currency } = view.shop;
  const closed = isClosed(view.state);
  const said = (minor: number): string => money(minor, currency);
  const paid = chargedWords(view.paid, said);
  const card = openCard(view);
  const dueMinor = view.total?.dueMinor ?? 0;
  return (
    <aside className="sheet tally-money" aria-label="Money">
      <h2>{closed ? 'Came to' : 'Comes to'}</h2>
      <dl className="tally-steps">
        {view.total?.steps.map((step) => (
          <div key={step.label} style={{ display: 'contents' }}>
            <dt>{step.label}</dt>
            <dd>
              <Money minor={step.minor} currency={currency} />
            </dd>
          </div>
        ))}
        <dt className="tally-due">{dueLabel(dueMinor, closed, paid)}</dt>
        <dd className="tally-due">
          <Money minor={Math.abs(dueMinor)} currency={currency} />
        </dd>
      </dl>
      <Terms view={view} />
      {card && (
        <p className="tone tone-fights" role="status">
          {card.state === 'approved'
            ? `The card was charged ${said(card.amountMinor)}, and the box is not closed yet.`
            : `The terminal is asking for ${said(card.amountMinor)}.`}
        </p>
      )}
      {closed ? (
        <Papers view={view} />
      ) : (
        <>
          <Textarea
            label="For next time"
            autosize
            minRows={2}
            value={notes}
            onChange={(event) => onNotes(event.currentTarget.value)}
          />
          <Button
            disabled={waits !== ''}
            // What is charged is what was decided: nothing may be on its way still.
            loading={busy !== undefined}
            onClick={onClose}
          >
            Close the box…
          </Button>
          {hasExchange && (
            <Button component="a" href={`/box/${view.id}/out`} variant="default">
              Send what is exchanged
            </Button>
          )}
          {waits !== '' && (
            <p className="small soft" role="status">
              {waits}
            </p>
          )}
        </>
      )}
      {!closed && view.letter && (
        <BoxPageLink boxId={view.id} firstName={view.client.name.split(' ')[0] ?? ''} />
      )}
    </aside>
  );
}

/** On what terms: tax, the fee that was paid before, the rate for keeping all and until when. */
function Terms({ view }: { readonly view: BoxView }) {
  const { currency } = view.shop;
  const { keepAllUntil } = view.late;
  const isOver = keepAllUntil !== undefined && view.today > keepAllUntil;
  const rate = `All kept: ${view.keepAllBp / 100} % off`;
  return (
    <p className="small soft">
      Tax included: <Money minor={view.total?.taxMinor ?? 0} currency={currency} />. The styling fee of{' '}
      <Money minor={view.styleFeeMinor} currency={currency} /> was charged when the box went out
      {view.total && view.total.feeKeptMinor > 0 && (
        <>
          ; <Money minor={view.total.feeKeptMinor} currency={currency} /> of it stays with the shop
        </>
      )}
      .{' '}
      {view.keepAllBp > 0 &&
        (keepAllUntil === undefined
          ? `${rate}.`
          : isOver
            ? `${rate}, until ${dayWords(keepAllUntil)}: that is over.`
            : `${rate}, until ${dayWords(keepAllUntil)}.`)}
    </p>
  );
}

/** Receipt, credit notes, and what was left for next time. */
function Papers({ view }: { readonly view: BoxView }) {
  const paper = (file: string, words: string) => (
    <Button
      key={file}
      variant="default"
      component="a"
      href={`/box/${view.id}/${file}.pdf`}
      target="_blank"
      rel="noopener"
    >
      {words} as PDF
    </Button>
  );
  return (
    <>
      {paper('receipt', 'Receipt')}
      {view.lines.flatMap(({ credit }) =>
        credit ? paper(`credit-${credit.no}`, `Credit note ${credit.no}`) : [],
      )}
      {view.notesNext && (
        <>
          <h3>For next time</h3>
          <p>{view.notesNext}</p>
        </>
      )}
    </>
  );
}
