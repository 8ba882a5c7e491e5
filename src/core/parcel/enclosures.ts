import type { Fit } from '../fit';
import { CATEGORY, modeOf, type Piece } from '../piece';

/** Small things that go along unpriced: what makes a size work, or a way of wearing hold. */
export const ENCLOSURES = ['hat sizer', 'insole', 'pin', 'fashion tape', 'spare button'] as const;
export type Enclosure = (typeof ENCLOSURES)[number];

export interface Enclosed {
  readonly what: Enclosure;
  /** Title of the piece it is for. */
  readonly piece: string;
  readonly lineId: string;
  /** Laid into the parcel. */
  readonly done: boolean;
}

interface LineFit {
  readonly lineId: string;
  /** What was laid in for it. */
  readonly laidIn: readonly Enclosure[];
  /** In the way of wearing it is sent for, where a look says so. */
  readonly piece: Piece;
  readonly fit: Pick<Fit, 'instead'> | null;
}

/** Necklines this deep, or without straps, are held in place. Common practice, no source. */
const DEEP_MM = 220;

/** What goes along with each piece. Common practice, no source. */
export const enclosuresOf = (lines: readonly LineFit[]): Enclosed[] =>
  lines.flatMap((line) =>
    wantedBy(line).map((what) => ({
      what,
      piece: line.piece.title,
      lineId: line.lineId,
      done: line.laidIn.includes(what),
    })),
  );

function wantedBy({ piece, fit }: Pick<LineFit, 'piece' | 'fit'>): Enclosure[] {
  const { drawn, slot } = CATEGORY[piece.category];
  const { cut, facts } = piece;
  const { effects } = modeOf(piece);
  const wanted: (Enclosure | false)[] = [
    drawn.as === 'hat' && fit?.instead?.works === 'hat strip' && 'hat sizer',
    slot === 'shoes' && fit?.instead?.works === 'insole' && 'insole',
    (effects?.tied !== undefined || effects?.as === 'round the shoulders') && 'pin',
    (cut.neckline === 'strapless' || (cut.necklineDepthMm ?? 0) > DEEP_MM) && 'fashion tape',
    /\bbuttons?\b/i.test(facts.closure ?? '') && 'spare button',
  ];
  return wanted.filter((each) => each !== false);
}
