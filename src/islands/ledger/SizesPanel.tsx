import { offsetWords } from '@core/fit';
import { dayWords } from '@ui/days';
import { useAsked } from '@ui/useAsked';

import { SaveCsv } from './SaveCsv';

/** How far the sizes of each label are from what they say, and what the app does because of it. */
export function SizesPanel() {
  const { answer } = useAsked('ledger-sizes', {});
  if (!answer) return <p role="status">Counting…</p>;
  const { labels, tongue } = answer;
  if (labels.length === 0)
    return (
      <p className="sheet empty">
        <strong>Nothing has come back for its size yet.</strong> Once pieces come back too small or too big,
        the sizes of their label are read accordingly, and it is said here.
      </p>
    );
  return (
    <section className="sheet" aria-label="Sizes of labels">
      <div className="sheet-head">
        <h2>How labels run</h2>
        <SaveCsv
          name="How labels run"
          rows={labels.flatMap(({ label, kind, points, since }) =>
            points.map(({ point, steps, count }) => ({
              label,
              kind,
              point,
              sizes: steps.toFixed(2),
              decisions: count,
              since,
            })),
          )}
        />
      </div>
      <div className="ledger-wide">
        <table className="plain-table ledger-table">
          <thead>
            <tr>
              <th scope="col">Label</th>
              <th scope="col">Kind</th>
              <th scope="col">It runs</th>
              <th scope="col">Out of</th>
              <th scope="col">Since</th>
            </tr>
          </thead>
          <tbody>
            {labels.flatMap(({ label, kind, points, since }) =>
              points.map(({ point, steps, count }) => (
                <tr key={`${label} ${kind} ${point}`}>
                  <td>{label}</td>
                  <td>{kind}</td>
                  <td>{offsetWords(point, steps, tongue)}</td>
                  <td className="num">
                    {count} {count === 1 ? 'decision' : 'decisions'}
                  </td>
                  <td className="num">{dayWords(since)}</td>
                </tr>
              )),
            )}
          </tbody>
        </table>
      </div>
      <p className="small soft">
        A piece that came back too small counts a size less, one too big a size more, a kept one nothing. Five
        decisions are needed before half of it is believed; Pull, the box and the letter read the sizes so.
      </p>
    </section>
  );
}
