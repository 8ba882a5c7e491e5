import { useState } from 'react';
import './scanner-pad.css';

interface Props {
  readonly codes: readonly { readonly code: string; readonly words: string }[];
}

/**
 * A scanner to try without one: pressing a tag types its code as a scanner would, sign by sign and with Enter at the
 * end, to wherever the page listens.
 */
export function ScannerPad({ codes }: Props) {
  const type = (code: string): void => {
    // A scanner types where the focus is; away from the tag that was pressed it is nowhere.
    (document.activeElement as HTMLElement | null)?.blur();
    // All at once: on a busy machine a pause between two signs could grow to somebody's hand.
    for (const key of [...code, 'Enter'])
      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  };
  return (
    <section className="scanner-pad" aria-label="Simulated scanner">
      <h2>Simulated scanner</h2>
      <p className="small soft">Press a tag: its code is typed as a scanner would.</p>
      <ul>
        {codes.map(({ code, words }) => (
          <li key={code}>
            <button className="scan-tag" onClick={() => type(code)} aria-label={`Scan ${code} ${words}`}>
              <span className="num">{code}</span> <span className="small soft">{words}</span>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The same, put away until somebody has no scanner at hand. */
export function SpareScanner({ codes }: Props) {
  const [isOut, setOut] = useState(false);
  return (
    <>
      <button
        type="button"
        className="plain-button small spare-scanner"
        aria-expanded={isOut}
        onClick={() => setOut(!isOut)}
      >
        {isOut ? 'put the simulated scanner away' : 'no scanner at hand? try a simulated one'}
      </button>
      {isOut && <ScannerPad codes={codes} />}
    </>
  );
}
