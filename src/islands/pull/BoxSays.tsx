import type { BoxView } from '@contracts/views';
import type { BoxFinding } from '@core/box-rules';
import { useState } from 'react';
import { useBoxFindings } from './useBoxWork';

const TONES = { fights: 'fights', note: 'look again', works: 'works' } as const;

/** What the rules say of the box as a whole: what wants a hand first, what works behind a button. */
export function BoxSays({ view }: { readonly view: BoxView }) {
  const found = useBoxFindings(view);
  const [open, setOpen] = useState(false);
  if (view.lines.length === 0) return null;
  const [wanting, working] = [
    found?.filter(({ tone }) => tone !== 'works') ?? [],
    found?.filter(({ tone }) => tone === 'works') ?? [],
  ];
  return (
    <section aria-label="The box as a whole" className="box-says">
      <h3>The box as a whole</h3>
      {!found ? (
        <p role="status" className="small soft">
          Trying looks with the closet…
        </p>
      ) : (
        <>
          {wanting.length === 0 && <p className="small soft">Nothing to mend.</p>}
          <Findings found={wanting} />
          {working.length > 0 && (
            <button className="plain-button small" aria-expanded={open} onClick={() => setOpen(!open)}>
              {working.length} that work
            </button>
          )}
          {open && <Findings found={working} />}
        </>
      )}
    </section>
  );
}

function Findings({ found }: { readonly found: readonly BoxFinding[] }) {
  return (
    <ul className="small">
      {found.map(({ rule, tone, pieces, text, measured }) => (
        <li key={`${rule} ${pieces.join(' ')} ${text}`} title={measured}>
          <span className={`tone tone-${tone}`}>{TONES[tone]}</span> {text}{' '}
          <span className="soft">{rule}</span>
        </li>
      ))}
    </ul>
  );
}
