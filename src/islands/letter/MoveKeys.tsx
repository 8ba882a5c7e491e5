interface Props {
  readonly title: string;
  readonly place: number;
  readonly count: number;
  readonly onMove: (by: -1 | 1) => void;
}

/** Takes a piece, or a look, up or down in the letter. */
export function MoveKeys({ title, place, count, onMove }: Props) {
  return (
    <span className="letter-moves no-print">
      <button
        className="plain-button"
        aria-label={`${title}: further up`}
        title="Further up (Alt ↑)"
        disabled={place === 0}
        onClick={() => onMove(-1)}
      >
        ↑
      </button>
      <button
        className="plain-button"
        aria-label={`${title}: further down`}
        title="Further down (Alt ↓)"
        disabled={place === count - 1}
        onClick={() => onMove(1)}
      >
        ↓
      </button>
    </span>
  );
}

/** The same by key, from anywhere within. */
export const moveByKey =
  (onMove: (by: -1 | 1) => void) =>
  (event: React.KeyboardEvent): void => {
    const by = event.altKey ? { ArrowUp: -1 as const, ArrowDown: 1 as const }[event.key] : undefined;
    if (by === undefined) return;
    event.preventDefault();
    onMove(by);
  };
