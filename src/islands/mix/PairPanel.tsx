import type { BoxView } from '@contracts/box/box-view';
import { settingOf } from '@contracts/look-pieces';
import { judge } from '@core/look';
import type { MixLook, MixSheet } from '@core/mix';
import type { Occasion } from '@core/occasion';
import type { Piece } from '@core/piece';
import { sentence } from '@core/rules';
import { piecesNamed, type Speaker } from '@core/say';
import { capital } from '@core/words';
import { Button } from '@mantine/core';
import { Figure } from '@ui/Figure';
import { useMemo } from 'react';

interface Props {
  readonly sheet: MixSheet | undefined;
  readonly pair: readonly [number, number] | undefined;
  readonly pieces: readonly Piece[];
  readonly occasions: readonly Occasion[];
  readonly view: BoxView;
  readonly by: Speaker;
  readonly out: ReadonlySet<number>;
}

const SHOWN = 4;

/** Two pieces: the looks they share on the client's figure, and what stops the rest. */
export function PairPanel({ sheet, pair, pieces, occasions, view, by, out }: Props) {
  const [a, b] = pair ?? [];
  const looks = useMemo(() => {
    if (!sheet || a === undefined || b === undefined) return [];
    const both = sheet.looks.filter(
      ({ places }) => places.includes(a) && places.includes(b) && !places.some((place) => out.has(place)),
    );
    return apart(both);
  }, [sheet, a, b, out]);
  const stops = useMemo(() => {
    const nearest = a === undefined || b === undefined ? undefined : sheet?.nearest[a]?.[b];
    if (!nearest || looks.length > 0) return undefined;
    const worn = nearest.places.map((place) => pieces[place] as Piece);
    const { findings } = judge(worn, settingOf(view, occasions[nearest.occasion]), view.shop.settings);
    const against = findings.filter(({ tone }) => tone === 'blocks' || tone === 'fights');
    return { worn, against: against.slice(0, 3) };
  }, [sheet, a, b, looks.length, pieces, view, occasions]);
  if (a === undefined || b === undefined)
    return (
      <aside className="sheet mix-pair" aria-label="A pair">
        <p className="soft">Choose a pair to see what the two make together.</p>
      </aside>
    );
  const { english } = view.shop.tongue;
  const named = [a, b].map((place) => pieces[place] as Piece);
  return (
    <aside className="sheet mix-pair" aria-label="A pair">
      <div className="mix-pair-head">
        <h2>{capital(piecesNamed(named, english))}</h2>
        {looks.length > 0 && (
          <Button size="compact-xs" variant="default" className="no-print" onClick={() => window.print()}>
            Print
          </Button>
        )}
      </div>
      <div className="mix-looks">
        {looks.map((look) => {
          const worn = look.places.map((place) => pieces[place] as Piece);
          const words = piecesNamed(worn, english, by.client.whose);
          return (
            <figure key={`${look.occasion} ${look.places.join()}`}>
              <div className="stage">
                <Figure pieces={worn} client={view.client.profile} height={230} title={words} />
              </div>
              <figcaption className="small">
                <b>{occasions[look.occasion]?.title}</b>
                <br />
                {words}
              </figcaption>
            </figure>
          );
        })}
      </div>
      {looks.length === 0 && (
        <p className="small">
          {!stops ? (
            'No whole look holds them both: they take the same place, or shoes or another main piece are missing.'
          ) : stops.against.length === 0 ? (
            'The best look of the two may be sent, and is not a good one for these occasions.'
          ) : (
            <>The nearest look, with {piecesNamed(stops.worn, english)}, is stopped:</>
          )}
        </p>
      )}
      {stops && stops.against.length > 0 && (
        <ul className="small">
          {stops.against.map((finding) => (
            <li key={finding.rule + finding.code}>{sentence(finding, by)}</li>
          ))}
        </ul>
      )}
    </aside>
  );
}

/** A few looks that differ from one another in more than a piece, the best first. */
function apart(looks: readonly MixLook[]): MixLook[] {
  const found: MixLook[] = [];
  for (const look of looks) {
    const isNew = found.every(
      (other) =>
        look.places.filter((place) => !other.places.includes(place)).length > 1 ||
        look.occasion !== other.occasion,
    );
    if (isNew) found.push(look);
    if (found.length === SHOWN) break;
  }
  return found;
}
