import { Button } from '@mantine/core';

interface Props {
  /** Absent until the list is here. */
  readonly count: number | undefined;
  readonly byLooks: boolean;
  readonly compared: number;
  readonly onByLooks: (byLooks: boolean) => void;
  readonly onBeside: () => void;
}

/** How many candidates there are, in which order, and the way to those that were put side by side. */
export function PullOrder({ count, byLooks, compared, onByLooks, onBeside }: Props) {
  return (
    <div className="pull-order small">
      <span className="soft">
        {count === undefined ? '' : `${count} ${count === 1 ? 'candidate' : 'candidates'}, best first`}
      </span>
      <button className="plain-button" aria-pressed={byLooks} onClick={() => onByLooks(!byLooks)}>
        {byLooks ? 'best first' : 'by the looks they open'}
      </button>
      {compared > 0 && (
        <Button
          size="compact-xs"
          variant="default"
          disabled={compared < 2}
          onClick={onBeside}
          title="Shift V"
        >
          Side by side ({compared})
        </Button>
      )}
    </div>
  );
}
