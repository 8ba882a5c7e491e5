import { piecesOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { piecesAt } from '@core/look';
import { modeOf, modesOf, type Piece } from '@core/piece';
import { Button } from '@mantine/core';
import { useElementSize, useFullscreenDocument } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { Figure } from '@ui/Figure';
import { Providers } from '@ui/Providers';
import { TURN_KEY, useSide } from '@ui/useSide';
import { useMemo, useState } from 'react';
import './show.css';

const LEAST_HEIGHT = 320;

/** The looks of a box for the client beside the stylist: the figure large, what is worn, and nothing that judges. */
export function ShowPage({ view }: { readonly view: BoxView }) {
  const [at, setAt] = useState(0);
  const { ref, height } = useElementSize();
  const { side, seen, button } = useSide();
  const { toggle, fullscreen } = useFullscreenDocument();
  const shown = useMemo(() => shownOf(view), [view]);
  const look = shown[Math.min(at, shown.length - 1)];
  const back = `/box/${view.id}/combine`;
  const go = (by: number) => () => setAt((now) => Math.min(shown.length - 1, Math.max(0, now + by)));
  useKeys([
    ['ArrowRight', go(1)],
    ['ArrowLeft', go(-1)],
    ['space', go(1)],
    ['f', () => void toggle()],
    ['Escape', () => location.assign(back)],
  ]);
  if (!look)
    return (
      <Providers>
        <main className="show-none">
          <h1>No look is saved yet.</h1>
          <a href={back}>Dress the figure, then save.</a>
        </main>
      </Providers>
    );
  return (
    <Providers
      keys={[
        { keys: '← →', does: 'The look before, the next' },
        TURN_KEY,
        { keys: 'f', does: 'The whole screen, or not' },
        { keys: 'Esc', does: 'Back to styling' },
      ]}
    >
      <main className="show">
        <div className="stage show-figure" ref={ref}>
          <Figure
            pieces={look.pieces}
            client={view.client.profile}
            height={Math.max(LEAST_HEIGHT, height - 8)}
            side={side}
            title={`${look.title}: ${look.pieces.map(({ title }) => title).join(', ')}${seen}`}
          />
          {button}
        </div>
        <section className="show-words" aria-live="polite">
          <p className="soft">{look.occasion}</p>
          <h1>{look.title}</h1>
          <ul>
            {look.pieces.map((piece) => (
              <li key={piece.id}>
                {piece.title}
                {piece.owned && <span className="show-yours"> yours</span>}
                {wornHow(piece) && <div className="soft">{wornHow(piece)}</div>}
              </li>
            ))}
          </ul>
        </section>
        <nav className="show-go" aria-label="Looks">
          <Button size="md" variant="default" disabled={at === 0} onClick={go(-1)}>
            Before
          </Button>
          <span className="num">
            {Math.min(at, shown.length - 1) + 1} of {shown.length}
          </span>
          <Button size="md" variant="default" disabled={at >= shown.length - 1} onClick={go(1)}>
            Next
          </Button>
          <span className="show-end">
            <Button size="md" variant="subtle" onClick={() => void toggle()} title="f">
              {fullscreen ? 'Leave the whole screen' : 'Whole screen'}
            </Button>
            <Button size="md" variant="subtle" component="a" href={back} title="Esc">
              Back to styling
            </Button>
          </span>
        </nav>
      </main>
    </Providers>
  );
}

interface Shown {
  readonly title: string;
  readonly occasion: string;
  readonly pieces: readonly Piece[];
}

/** Every saved look, and each stage of one that changes on its way. */
function shownOf(view: BoxView): Shown[] {
  return view.looks.flatMap((look): Shown[] => {
    const planned = view.occasions.find(({ id }) => id === look.occasionId);
    const all = piecesOf(view, look.pieces);
    const title = look.title || 'A look';
    const occasion = planned?.occasion.title ?? '';
    const stages = (planned?.stages ?? []).filter((stage) =>
      look.stages.some((off) => off.title === stage.title && off.off.length > 0),
    );
    return [
      { title, occasion, pieces: all },
      ...stages.map((stage) => ({
        title,
        occasion: `${occasion}: ${stage.title}`,
        pieces: piecesAt(all, stage.title, look.stages),
      })),
    ];
  });
}

/** How a piece is worn, where there is more than one way and it is not the usual one. */
function wornHow(piece: Piece): string {
  const mode = modeOf(piece);
  return mode.id === modesOf(piece)[0]?.id ? '' : mode.title;
}
