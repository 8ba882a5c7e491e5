import type { Frame } from '../../figure';
import { lines } from '../../path';
import type { Worn } from '../../piece';
import type { FrontStyle } from './front-style';
import type { Mirrored } from '../lines';

/** Pockets of a front: let in, slanted at the hip, or laid on. */
export function pocketsOf(
  style: FrontStyle,
  frame: Frame,
  worn: Worn,
  hem: number,
  hemX: number,
  both: Mirrored,
): void {
  const y = Math.min(hem - 150, frame.y.waist + 70);
  const x = hemX * 0.36;
  const wide = Math.min(130, hemX * 0.5);
  if (style.pockets === 'welt')
    both(
      lines(
        [
          [x, y],
          [x + wide, y - 5],
          [x + wide, y + 20],
          [x, y + 24],
        ],
        true,
      ),
    );
  if (style.pockets === 'slant')
    both(
      lines(
        [
          [x + 26, y + 96],
          [x + 70, y - 20],
          [x + 86, y - 16],
          [x + 42, y + 102],
        ],
        true,
      ),
    );
  if (style.pockets === 'patch') {
    const onChest = worn.facts.drawn.front === 'shirt';
    const top = onChest ? frame.y.bust - 50 : y;
    const px = onChest ? frame.own.bust * 0.24 : x;
    both(
      lines(
        [
          [px, top],
          [px + wide * 0.86, top],
          [px + wide * 0.86, top + 112],
          [px, top + 112],
        ],
        true,
      ),
    );
    both(
      lines([
        [px, top + 28],
        [px + wide * 0.86, top + 28],
      ]),
      'stitch',
    );
  }
}
