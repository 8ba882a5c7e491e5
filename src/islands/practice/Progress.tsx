import type { PracticeProgress } from '@contracts/practice/practice';
import type { MatterProgress } from '@core/practice';

/** How somebody gets on, matter by matter; for the owner how everybody does. */
export function Progress({ progress: { mine, people = [] } }: { readonly progress: PracticeProgress }) {
  return (
    <div className="practice-progress">
      <section className="sheet">
        <h2>How you get on</h2>
        {mine.length === 0 ? (
          <p className="soft">
            Nothing yet. After your first ten you see here what you have down and what needs more work.
          </p>
        ) : (
          <Matters of={mine} />
        )}
      </section>
      {people.map(({ id, name, matters }) => (
        <section key={id} className="sheet">
          <h2>{name}</h2>
          <Matters of={matters} />
        </section>
      ))}
    </div>
  );
}

function Matters({ of }: { readonly of: readonly MatterProgress[] }) {
  return (
    <ul className="practice-matters">
      {of.map(({ matter, title, tries, lately }) => (
        <li key={matter}>
          <span
            className="practice-bar"
            style={{ width: `${(100 * lately.right) / lately.of}%` }}
            aria-hidden="true"
          />
          <span>{title}</span>
          <span className="num">
            {lately.right} of the last {lately.of}
            <span className="visually-hidden">, of {tries} in all</span>
          </span>
        </li>
      ))}
    </ul>
  );
}
