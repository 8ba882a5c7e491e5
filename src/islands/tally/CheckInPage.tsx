import type { PackView } from '@contracts/box/pack-view';
import { type BackTo, comesBack, hasLeft, mayTally } from '@core/box';
import { sizePhrase } from '@core/fit';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { useState } from 'react';
import { CheckIn } from './CheckIn';
import { ScanBack } from './ScanBack';
import './tally.css';

/** Step 6 for whoever unpacks: what came back is checked in. */
export function CheckInPage({ initial }: { readonly initial: PackView }) {
  const box = useBox(initial);
  const { view } = box;
  const [backTo, setBackTo] = useState<BackTo>('shelf');
  const isUnpacked = mayTally(view.state);
  const back = view.lines.filter(({ decision }) => comesBack(decision));
  return (
    <Providers>
      <section className="sheet" aria-label="Check in">
        <h2>Check in what came back</h2>
        {isUnpacked && <ScanBack box={box} backTo={backTo} onBackTo={setBackTo} />}
        {!hasLeft(view.state) && <p className="empty">This box has not gone out yet.</p>}
        {hasLeft(view.state) && back.length === 0 && (
          <p className="empty">Nothing to check in: no piece of this box is marked as coming back.</p>
        )}
        <ul className="rows">
          {back.map((line) => (
            <li
              key={line.id}
              className="piece-line"
              style={{ gridTemplateColumns: '56px 1fr auto', alignItems: 'center' }}
            >
              <span className="paper-sketch paper-sketch-small">
                <GarmentSketch piece={line.piece} fit={48} decorative />
              </span>
              <div>
                {line.piece.title}
                <div className="small soft">
                  {sizePhrase(line.size)}, {line.sku}
                </div>
              </div>
              <CheckIn line={line} box={box} backTo={backTo} named />
            </li>
          ))}
        </ul>
      </section>
    </Providers>
  );
}
