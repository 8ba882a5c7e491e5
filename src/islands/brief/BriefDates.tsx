import type { BoxView } from '@contracts/box/box-view';
import { dayWords } from '@ui/days';

/** The latest dates of a box, worked backwards from the day of its first occasion. */
export function BriefDates({ view }: { readonly view: BoxView }) {
  return (
    <section className="sheet" aria-label="Dates">
      <h2>Latest dates</h2>
      {view.due ? (
        <dl className="facts dates">
          <dt>Style by</dt>
          <dd className="num">{dayWords(view.due.styleBy)}</dd>
          <dt>Pack by</dt>
          <dd className="num">{dayWords(view.due.packBy)}</dd>
          <dt>Send by</dt>
          <dd className="num">{dayWords(view.due.shipBy)}</dd>
          <dt>Decided by</dt>
          <dd className="num">{dayWords(view.due.decideBy)}</dd>
          {view.wantedBy && (
            <>
              <dt>With {view.client.name.split(' ')[0]} on</dt>
              <dd className="num">{dayWords(view.wantedBy)}</dd>
            </>
          )}
          {view.due.occasion && (
            <>
              <dt>Occasion</dt>
              <dd className="num">{dayWords(view.due.occasion)}</dd>
            </>
          )}
        </dl>
      ) : (
        <p className="soft">Choose an occasion and save; the dates are worked backwards from its day.</p>
      )}
      {view.earliest && (
        <p role="alert" className="tone tone-blocks" style={{ marginTop: 8 }}>
          Too late for this day by post. The earliest that can be met is {dayWords(view.earliest)}; or an
          appointment in the shop.
        </p>
      )}
    </section>
  );
}
