import type { Keeping, Mend } from '@core/look';
import type { Profile } from '@core/client';
import type { Piece } from '@core/piece';
import { type Alternatives, objectionWords } from '@core/pull';
import type { Tongue } from '@core/words';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { spell } from '@ui/tongue';
import { useEffect, useState } from 'react';

interface Props {
  readonly piece: Piece;
  readonly tongue: Tongue;
  readonly currency: string;
  readonly client: Profile;
  readonly find: (pieceId: string, client: Profile) => Promise<Alternatives<Keeping>>;
  readonly onTry: (mend: Mend | undefined) => void;
  readonly onKeep: (mend: Mend) => void | Promise<void>;
}

interface Offer extends Keeping {
  /** What it is better in. */
  readonly why: string;
}

/** What could be worn instead of a piece and keeps the look: safer for this client, cheaper, the nearest, another colour. */
export function Instead({ piece, tongue, currency, client, find, onTry, onKeep }: Props) {
  const [found, setFound] = useState<Alternatives<Keeping>>();
  useEffect(() => {
    let isOver = false;
    void find(piece.id, client).then((answer) => isOver || setFound(answer));
    return () => {
      isOver = true;
    };
    // Asked anew when the shelf comes in, or something else of the look changes.
  }, [find, piece.id, client]);
  if (!found) return <p className="small soft">Looking for what keeps the look…</p>;
  const offers = offersOf(found, tongue);
  if (offers.length === 0)
    return (
      <p className="small soft">Nothing else of its kind keeps this look: not owned, held or on the shelf.</p>
    );
  return (
    <ul className="instead">
      {offers.map(({ piece: other, gain, why }) => {
        const mend: Mend = {
          kind: 'swap',
          piece: piece.id,
          with: other.id,
          gain,
          from: other.owned ? 'closet' : other.id.startsWith('line:') ? 'box' : 'stock',
        };
        return (
          <li key={other.id}>
            <button
              className="mend"
              onMouseEnter={() => onTry(mend)}
              onMouseLeave={() => onTry(undefined)}
              onFocus={() => onTry(mend)}
              onBlur={() => onTry(undefined)}
              onClick={() => void onKeep(mend)}
            >
              <GarmentSketch piece={other} fit={34} decorative />
              <span>
                {why}: {other.title}
                {mend.from === 'stock' && <span className="mend-stock"> from the shelf</span>}
              </span>
              {other.priceMinor !== undefined && !other.owned && (
                <Money minor={other.priceMinor} currency={currency} />
              )}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** Each piece once, for the best that is said of it. */
function offersOf({ safer, cheaper, nearest, colours }: Alternatives<Keeping>, tongue: Tongue): Offer[] {
  const all: Offer[] = [
    ...(safer ? [{ ...safer, why: `Safer, as this one is ${objectionWords(safer.objection, tongue)}` }] : []),
    ...(cheaper ? [{ ...cheaper, why: 'Cheaper' }] : []),
    ...(nearest ? [{ ...nearest, why: 'The nearest' }] : []),
    ...colours.map((each) => ({ ...each, why: spell('In another colour') })),
  ];
  return all.filter(({ piece }, i) => all.findIndex((each) => each.piece.id === piece.id) === i).slice(0, 4);
}
