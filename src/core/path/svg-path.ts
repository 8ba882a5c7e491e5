import type { Path } from './step';

/**
 * SVG `d` of a path, to a tenth of a millimetre. Every subpath begins at its own absolute place, so that paths may be written one
 * after the other; from there each step is told from where the last one ended, which is two thirds as long to read. What
 * is rounded is the place, not the way to it: nothing drifts.
 */
export function svgPath(path: Path): string {
  let text = '';
  let last = '';
  let [x, y] = [0, 0];
  let [startX, startY] = [0, 0];
  for (const step of path) {
    const letter = step[0];
    if (letter === 'Z') {
      text += 'Z';
      last = 'Z';
      [x, y] = [startX, startY];
      continue;
    }
    const [fromX, fromY] = letter === 'M' ? [0, 0] : [x, y];
    let apart = letter === last && letter !== 'M' ? ' ' : '';
    if (apart === '') text += letter === 'M' ? 'M' : letter.toLowerCase();
    for (let i = 1; i < step.length; i += 2) {
      [x, y] = [tenths(step[i] as number), tenths(step[i + 1] as number)];
      for (const part of [x - fromX, y - fromY]) {
        text += part < 0 ? written(part) : apart + written(part);
        apart = ' ';
      }
    }
    if (letter === 'M') [startX, startY] = [x, y];
    last = letter;
  }
  return text;
}

const tenths = (mm: number): number => Math.round(mm * 10);

/** Whole tenths as a number that is as short as may be: 12, -.5. */
function written(value: number): string {
  const [size, sign] = value < 0 ? [-value, '-'] : [value, ''];
  const [whole, rest] = [Math.floor(size / 10), size % 10];
  return rest === 0 ? `${sign}${whole}` : `${sign}${whole === 0 ? '' : whole}.${rest}`;
}
