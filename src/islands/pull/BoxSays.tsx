import type { BoxView } from '@contracts/box/box-view';
import { type BoxFinding, boxSentence } from '@core/box-rules';
import { measuredWords } from '@core/rules';
import type { Speaker } from '@core/say';
import { useState } from 'react';
import { useBoxFindings } from './useBoxWork';

const TONES = { fights: 'put right', note: 'look again', works: 'works' } as const;

/** What the rules say of the box as a whole: what wants a hand first, what works behind a button. */
export function BoxSays({ view }: { readonly view: BoxView }) {
  const { found, by } = useBoxFindings(view);
  const [open, setOpen] = useState(false);
  if (view.lines.length === 0) return null;
  const [wanting, working] = [
    found?.filter(({ tone }) => tone !== 'works') ?? [],
    found?.filter(({ tone }) => tone === 'works') ?? [],
  ];
  return (
    <section aria-label="The whole box" className="box-says">
      <h3>The whole box</h3>
      {!found ? (
        <p role="status" className="small soft">
          Trying looks with the closet…
        </p>
      ) : (
        <>
          {wanting.length === 0 && <p className="small soft">Nothing to put right.</p>}
          <Findings found={wanting} by={by} />
          {working.length > 0 && (
            <button className="plain-button small" aria-expanded={open} onClick={() => setOpen(!open)}>
              {working.length} that work
            </button>
          )}
          {open && <Findings found={working} by={by} />}
        </>
      )}
    </section>
  );
}

function Findings({ found, by }: { readonly found: readonly BoxFinding[]; readonly by: Speaker }) {
  return (
    <ul className="small">
      {found.map((finding) => {
        const { rule, tone, measured } = finding;
        const text = boxSentence(finding, by);
        return (
          <li key={`${rule} ${text}`} title={measured && measuredWords(measured)}>
            <span className={`tone tone-${tone}`}>{TONES[tone]}</span> {text}{' '}
            <span className="soft">{rule}</span>
          </li>
        );
      })}
    </ul>
  );
}
