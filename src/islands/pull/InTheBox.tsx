import type { BoxView, LineView } from '@contracts/box/box-view';
import { Button } from '@mantine/core';
import type { BoxState } from '@ui/useBox';
import { BoxLines } from './BoxLines';
import { BoxMoney } from './BoxMoney';
import { BoxSays } from './BoxSays';

interface Props {
  readonly box: BoxState<BoxView>;
  readonly open: boolean;
  readonly onOpen: (line: LineView) => void;
  readonly onRelease: (line: LineView) => void;
}

/** What is in the box already, its total, what the rules say of it, and the way on. */
export function InTheBox({ box, open, onOpen, onRelease }: Props) {
  const { view } = box;
  return (
    <aside className="sheet pull-box" aria-label="In the box">
      <h2>In the box</h2>
      <BoxMoney view={view} />
      <BoxLines box={box} open={open} onOpen={onOpen} onRelease={onRelease} />
      <BoxSays view={view} />
      {open && (
        <Button
          component="a"
          href={`/box/${view.id}/plan`}
          variant="default"
          fullWidth
          mt={12}
          title="Plan the box (p)"
        >
          Plan the box
        </Button>
      )}
      <Button
        component="a"
        href={`/box/${view.id}/combine`}
        fullWidth
        mt={8}
        disabled={view.lines.length === 0}
        title="Go on to Style (c)"
      >
        Style
      </Button>
      <p className="small pull-mix">
        <a href={`/box/${view.id}/mix`}>Mix sheet: everything with everything</a>
      </p>
    </aside>
  );
}
