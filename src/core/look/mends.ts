import { modesOf, type Piece } from '../piece';
import type { Settings } from '../rules';
import { CATEGORY } from '../piece';
import { aboutOf, judge, type Overrule, type Verdict } from './judge';
import type { Setting } from './scene';
import type { Finding } from './score';

/** A change of a look that was tried, with what it gained. */
export interface Mend {
  readonly kind: 'take-off' | 'wear' | 'swap' | 'add';
  /** Piece changed; for `add` the piece put on. */
  readonly piece: string;
  /** Piece put on instead, for `swap`. */
  readonly with?: string | undefined;
  readonly mode?: string | undefined;
  readonly text: string;
  /** Points of the look's score gained, rounded to one tenth as printed. */
  readonly gain: number;
}

/** Applies a mend to a copy of the look. `pool` is where swapped and added pieces come from. */
export function applyMend(pieces: readonly Piece[], mend: Mend, pool: readonly Piece[]): Piece[] {
  const found = (id: string | undefined): Piece[] => pool.filter((piece) => piece.id === id);
  switch (mend.kind) {
    case 'take-off':
      return pieces.filter((piece) => piece.id !== mend.piece);
    case 'wear':
      return pieces.map((piece) => (piece.id === mend.piece ? { ...piece, mode: mend.mode } : piece));
    case 'swap':
      return pieces.flatMap((piece) => (piece.id === mend.piece ? found(mend.with) : [piece]));
    case 'add':
      return [...pieces, ...found(mend.piece)];
  }
}

/** Points that a mend of a fight or a block may cost. */
const LEAST_GAIN = -3;
const tenth = (value: number): number => Math.round(value * 10) / 10;
const severity = (verdict: Verdict): number =>
  verdict.findings.reduce(
    (sum, { tone }) => sum + { blocks: 10_000, fights: 100, note: 1, works: 0 }[tone],
    0,
  );

/** Everything that could be tried on a finding; the pool comes in the order closet, box, stock. */
function candidates(finding: Finding, pieces: readonly Piece[], pool: readonly Piece[]): Mend[] {
  const worn = new Set(pieces.map((piece) => piece.id));
  const spare = pool.filter((piece) => !worn.has(piece.id));
  const spoken =
    finding.pieces.length > 0 ? pieces.filter((piece) => finding.pieces.includes(piece.id)) : pieces;
  const tried: Mend[] = [];
  for (const piece of spoken) {
    if (!CATEGORY[piece.category].main || CATEGORY[piece.category].slot === 'layer') {
      tried.push({ kind: 'take-off', piece: piece.id, text: `Leave off ${piece.title}`, gain: 0 });
    }
    for (const mode of modesOf(piece)) {
      if (mode.id !== (piece.mode ?? modesOf(piece)[0]?.id))
        tried.push({
          kind: 'wear',
          piece: piece.id,
          mode: mode.id,
          text: `${piece.title}: ${mode.title.toLowerCase()}`,
          gain: 0,
        });
    }
    const { slot } = CATEGORY[piece.category];
    for (const other of spare.filter(({ category }) => CATEGORY[category].slot === slot).slice(0, 24)) {
      tried.push({
        kind: 'swap',
        piece: piece.id,
        with: other.id,
        text: `${other.title} for ${piece.title}`,
        gain: 0,
      });
    }
  }
  for (const piece of spare
    .filter(({ category }) => !['top', 'bottom', 'whole', 'shoes'].includes(CATEGORY[category].slot))
    .slice(0, 24)) {
    tried.push({ kind: 'add', piece: piece.id, text: `Add ${piece.title}`, gain: 0 });
  }
  return tried;
}

export interface MendInput {
  readonly pieces: readonly Piece[];
  readonly pool: readonly Piece[];
  readonly setting: Setting;
  readonly settings?: Settings | undefined;
  readonly overrules?: readonly Overrule[] | undefined;
}

/**
 * Mends of each finding that is not `works`, best first, at most `most` each. Every one was applied to
 * a copy and judged: it removes its finding, adds no fight or block, and gains what it prints.
 */
export function mendsFor(
  { pieces, pool, setting, settings = {}, overrules = [] }: MendInput,
  verdict: Verdict,
  most = 3,
): Map<string, Mend[]> {
  const found = new Map<string, Mend[]>();
  const before = severity(verdict);
  for (const finding of verdict.findings) {
    if (finding.tone === 'works') continue;
    const good: (Mend & { readonly ease: number })[] = [];
    for (const mend of candidates(finding, pieces, pool)) {
      const changed = applyMend(pieces, mend, pool);
      const after = judge(changed, setting, settings, overrules);
      const still = after.findings.some(
        (other) =>
          other.rule === finding.rule &&
          other.tone === finding.tone &&
          (aboutOf(other) === aboutOf(finding) || finding.zone === other.zone),
      );
      const gain = tenth(after.score.mean - verdict.score.mean);
      const lifted = severity(after) < before;
      // What stops or spoils a look is worth a little of its score; a note is not.
      const least = finding.tone === 'note' ? 0 : LEAST_GAIN;
      if (still || !lifted || gain < least || (verdict.complete && !after.complete)) continue;
      good.push({ ...mend, gain, ease: severity(after) });
    }
    good.sort((a, b) => a.ease - b.ease || b.gain - a.gain);
    found.set(
      findingKey(finding),
      good.slice(0, most).map(({ ease: _ease, ...mend }) => mend),
    );
  }
  return found;
}

export const findingKey = (finding: Finding): string =>
  `${finding.rule}:${finding.tone}:${aboutOf(finding)}:${finding.zone ?? ''}`;
