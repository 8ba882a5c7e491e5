import type { BoxView } from '@contracts/box/box-view';
import { settingOf } from '@contracts/look-pieces';
import { judge } from '@core/look';
import { looksApart, type MixSheet } from '@core/mix';
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
  /** One piece, for three ways to wear it; or two, for what they make together. */
  readonly chosen: readonly number[];
  readonly pieces: readonly Piece[];
  readonly occasions: readonly Occasion[];
  readonly view: BoxView;
  readonly by: Speaker;
  readonly out: ReadonlySet<number>;
}

const SHOWN = { one: 3, two: 4 } as const;

/**
 * Two pieces: the looks they share on the client's figure, and what stops the rest. One piece: three ways to wear it, said and
 * printed for the client.
 */
export function PairPanel({ sheet, chosen, pieces, occasions, view, by, out }: Props) {
  const [a, b] = chosen;
  const isOne = a !== undefined && b === undefined;
  const looks = useMemo(() => {
    if (!sheet || chosen.length === 0) return [];
    return looksApart(sheet.looks, chosen, out, chosen.length === 1 ? SHOWN.one : SHOWN.two);
  }, [sheet, chosen, out]);
  const stops = useMemo(() => {
    const nearest = a === undefined || b === undefined ? undefined : sheet?.nearest[a]?.[b];
    if (!nearest || looks.length > 0) return undefined;
    const worn = nearest.places.map((place) => pieces[place] as Piece);
    const { findings } = judge(worn, settingOf(view, occasions[nearest.occasion]), view.shop.settings);
    const against = findings.filter(({ tone }) => tone === 'blocks' || tone === 'fights');
    return { worn, against: against.slice(0, 3) };
  }, [sheet, a, b, looks.length, pieces, view, occasions]);
  if (a === undefined)
    return (
      <aside className="sheet mix-pair" aria-label="A pair">
        <p className="soft">
          Choose a pair to see what the two make together, or “3 ways” for pictures of one piece to print for
          the client.
        </p>
      </aside>
    );
  const { english } = view.shop.tongue;
  const named = chosen.map((place) => pieces[place] as Piece);
  // Of one piece the sheet goes to the client.
  const whose = isOne ? 'your' : by.client.whose;
  const ways = ['No way', 'One way', 'Two ways', 'Three ways'][looks.length] ?? '';
  return (
    <aside className="sheet mix-pair" aria-label={isOne ? 'Ways to wear a piece' : 'A pair'}>
      <div className="mix-pair-head">
        <h2>
          {isOne
            ? `${ways} with ${named.map(({ owned }) => (owned ? '' : 'the ')).join('')}${piecesNamed(named, english, 'your')}`
            : capital(piecesNamed(named, english))}
        </h2>
        {looks.length > 0 && (
          <Button
            size="compact-xs"
            variant="default"
            className="no-print mix-print"
            onClick={() => window.print()}
          >
            Print
          </Button>
        )}
      </div>
      <div className="mix-looks">
        {looks.map((look) => {
          const worn = look.places.map((place) => pieces[place] as Piece);
          const words = piecesNamed(worn, english, whose);
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
          {isOne ? (
            'No whole look holds it yet.'
          ) : !stops ? (
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
