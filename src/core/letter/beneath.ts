import { lab } from '../colour';
import type { Worn } from '../piece';
import { spelt, type Tongue } from '../words';

/** What to wear beneath a piece, and why; for the letter. */
export interface BeneathLine {
  readonly piece: string;
  readonly text: string;
}

/** Lines about what goes beneath, by cut and cloth, in the reader's English. Common practice, no source. */
export function beneathOf(pieces: readonly Worn[], tongue: Pick<Tongue, 'english'>): BeneathLine[] {
  return pieces.flatMap((worn) =>
    linesOf(worn).map((text) => ({ piece: worn.piece.id, text: spelt(text, tongue) })),
  );
}

function linesOf({ piece, facts, seen }: Worn): string[] {
  if (!facts.main) return [];
  const { cut, fabric } = piece;
  const lines: string[] = [];
  if (cut.neckline === 'strapless') lines.push('A strapless bra, or none: nothing to show at the shoulder.');
  if (cut.neckline === 'halter') lines.push('A halter or stick-on bra.');
  if (cut.back === 'low' || cut.back === 'open') lines.push('Something low at the back, or a stick-on bra.');
  if ((cut.necklineDepthMm ?? 0) > 220)
    lines.push('A plunge bra, or a small camisole if you like more cover.');
  if (fabric.sheer !== 'opaque' && !fabric.lined)
    lines.push('A slip or camisole close to your own skin colour.');
  const ground = seen[0];
  if (
    fabric.sheer === 'opaque' &&
    fabric.weight === 'light' &&
    ground &&
    lab(ground.hex).l > 85 &&
    !fabric.lined
  ) {
    lines.push('Underwear near your skin colour; white shows through pale, thin cloth.');
  }
  if (piece.volume === 'close' && fabric.stretchPct >= 10 && facts.slot !== 'layer')
    lines.push('Seamless underwear, as the cloth follows the body.');
  return lines;
}
