import { modesOf, type Piece } from '@core/piece';
import { stepped } from '@ui/choosing';
import { useKeys } from '@ui/useKeys';

interface Given {
  readonly pieces: readonly Piece[];
  readonly setMode: (id: string, mode: string) => void;
  readonly off: (id: string) => void;
  readonly askWays: () => void;
  readonly askTurn: () => void;
}

/** Piece that has the keyboard: on the rail, or in the list of what is worn. */
function focused(): string | undefined {
  const at = document.activeElement as HTMLElement | null;
  return at?.dataset.ref ?? at?.dataset.off;
}

/** The keys of the rail: along it, the next way of wearing, off, and what may be asked. */
export function useRailKeys({ pieces, setMode, off, askWays, askTurn }: Given): void {
  const along = (by: number) => () => {
    const all = [...document.querySelectorAll<HTMLButtonElement>('.hanging')];
    const at = all.indexOf(document.activeElement as HTMLButtonElement);
    stepped(all, at, by)?.focus();
  };
  const nextMode = (): void => {
    const piece = pieces.find(({ id }) => id === focused());
    if (!piece) return;
    const modes = modesOf(piece);
    const at = modes.findIndex(({ id }) => id === (piece.mode ?? modes[0]?.id));
    const next = modes[(at + 1) % modes.length];
    if (next) setMode(piece.id, next.id);
  };
  useKeys([
    ['ArrowRight', along(1)],
    ['ArrowLeft', along(-1)],
    ['m', nextMode],
    ['w', askWays],
    ['e', askTurn],
    [
      'Delete',
      () => {
        const id = focused();
        if (id) off(id);
      },
    ],
  ]);
}
