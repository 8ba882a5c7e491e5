import type { Decision, ReturnReason } from '@core/box';
import type { Schools } from '@core/client';
import { judge } from '@core/look';
import { type Piece, type Slot, wear } from '@core/piece';
import { formalityOf, type Settings } from '@core/rules';
import { spokenOf } from '@core/trial';
import { pieceOfGarment } from '../pieces';
import type { garment, variant } from '../schema';
import { HABITS, REASONS } from './past-habits';

/** A size on the shelf, as the invented year draws from it. */
export interface PastStock {
  readonly variant: typeof variant.$inferSelect;
  readonly garment: typeof garment.$inferSelect;
  readonly locationId: string;
}

interface Hanging extends PastStock {
  readonly piece: Piece;
  readonly slot: Slot;
  readonly formality: number;
  readonly isNavy: boolean;
}

/** A rail the year is pulled from, by what each piece is worn as. */
export class PastRail {
  private readonly all: readonly Hanging[];

  constructor(stock: readonly PastStock[]) {
    this.all = stock.map((each) => {
      const piece = pieceOfGarment(each.garment, each.variant);
      const worn = wear(piece);
      const { mainL, mainA, mainB } = each.garment;
      const isNavy = mainL < 32 && mainB < -4 && Math.hypot(mainA, mainB) >= 9;
      return { ...each, piece, slot: worn.slot, formality: formalityOf(worn), isNavy };
    });
  }

  of(slots: readonly Slot[], is: (each: Hanging) => boolean = () => true): readonly Hanging[] {
    return this.all.filter((each) => slots.includes(each.slot) && is(each));
  }
}

export interface PastPiece extends PastStock {
  readonly decision: Decision;
  readonly reason: ReturnReason | null;
}

export interface PastBox {
  /** In the order they were sent; all of them make one look. */
  readonly pieces: readonly PastPiece[];
  readonly spoke: readonly string[];
  readonly against: readonly string[];
}

interface Judged {
  readonly settings: Settings;
  readonly shopSchools: Schools;
}

const SMALL: readonly Slot[] = ['bag', 'belt', 'scarf', 'neck', 'ears', 'wrist', 'head'];

/** One box of the invented year: a whole look out of the shop's stock, and what became of it by the stated habits. */
export function pastBox(
  rail: PastRail,
  { sendsNavy, settings, shopSchools, draw }: Judged & { sendsNavy: boolean; draw: () => number },
): PastBox {
  const one = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T;
  const drawn = new Set<Hanging>();
  let habits = new Set<Hanging>();
  const take = (slots: readonly Slot[], is?: (each: Hanging) => boolean): void => {
    const fitting = rail.of(slots, is);
    // A shelf that has nothing of the kind sends what it has.
    const some = (fitting.length > 0 ? fitting : rail.of(slots)).filter((each) => !drawn.has(each));
    if (some.length === 0) return;
    const navy = sendsNavy && draw() < HABITS.navyShare ? some.filter(({ isNavy }) => isNavy) : [];
    const piece = one(navy.length > 0 ? navy : some);
    if (navy.length > 0) habits = new Set([...habits, piece]);
    drawn.add(piece);
  };
  const lot = draw();
  const { highLow, tooFar } = HABITS;
  const isHighLow = lot < highLow.share;
  const isTooFar = !isHighLow && lot < highLow.share + tooFar.share;
  if (isHighLow || isTooFar) {
    // Evening cloth above or below; what is plain with it is the shoe, or a tee as well.
    const dressed = rail.of(['layer', 'bottom'], ({ formality }) => formality >= 9);
    const high = one(dressed).slot;
    const evening = ({ formality }: Hanging): boolean => formality >= 9;
    const between = ({ formality }: Hanging): boolean => formality > 9 - highLow.apart && formality < 9;
    take(['top'], isTooFar ? ({ formality }) => formality <= 9 - tooFar.apart : between);
    take(['bottom'], high === 'bottom' ? evening : between);
    take(['shoes'], isTooFar ? between : ({ formality }) => formality === 9 - highLow.apart);
    take(['layer'], high === 'layer' ? evening : between);
  } else {
    if (draw() < 0.3) take(['whole']);
    else {
      take(['top']);
      take(['bottom']);
    }
    take(['shoes']);
    take(['layer']);
  }
  take(SMALL);
  const pieces = [...drawn];
  const { findings } = judge(
    pieces.map(({ piece }, i) => ({ ...piece, id: String(i) })),
    { shopSchools },
    settings,
  );
  const fighting = new Set(findings.filter(({ tone }) => tone === 'fights').flatMap((each) => each.pieces));
  const chanceOf = (each: Hanging, i: number): number => {
    if (each.garment.label === HABITS.smallLabel) return HABITS.smallKept;
    if (habits.has(each)) return HABITS.navyKept;
    if (isHighLow) return highLow.kept;
    if (isTooFar) return tooFar.kept;
    if (fighting.has(String(i))) return HABITS.fightsKept;
    return each.garment.priceMinor >= HABITS.dearMinor ? HABITS.dearKept : HABITS.keep;
  };
  return {
    pieces: pieces.map((each, i) => {
      const { variant, garment, locationId } = each;
      const isKept = draw() < chanceOf(each, i);
      const reason =
        garment.label === HABITS.smallLabel
          ? 'too small'
          : habits.has(each)
            ? 'already own one'
            : one(REASONS);
      return {
        variant,
        garment,
        locationId,
        decision: isKept ? 'keep' : 'return',
        reason: isKept ? null : reason,
      };
    }),
    ...spokenOf(findings),
  };
}
