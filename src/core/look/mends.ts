import { CATEGORY, modesOf, type Piece, type Slot, wear } from '../piece';
import type { Finding, Settings } from '../rules';
import { formalityOf } from '../rules/formality/levels';
import type { Speaker } from '../say';
import { capital } from '../words';
import { aboutOf, judge, type Overrule, type Verdict } from './judge';
import type { Setting } from './scene';

/** Where a piece of a mend comes from, in the order they are asked. */
const MEND_SOURCES = ['closet', 'box', 'stock'] as const;
export type MendSource = (typeof MEND_SOURCES)[number];

/** A change of a look that was tried, with what it gained. */
export interface Mend {
  readonly kind: 'take-off' | 'wear' | 'swap' | 'add';
  /** Piece changed; for `add` the piece put on. */
  readonly piece: string;
  /** Piece put on instead, for `swap`. */
  readonly with?: string | undefined;
  readonly mode?: string | undefined;
  /** Title of that way of wearing. */
  readonly way?: string | undefined;
  /** Where the piece comes from that is put on. */
  readonly from?: MendSource | undefined;
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
/** How much stands against a look: what rules it out, then what fights, then what is noted. */
export const severity = (verdict: Verdict): number =>
  verdict.findings.reduce(
    (sum, { tone }) => sum + { blocks: 10_000, fights: 100, note: 1, works: 0 }[tone],
    0,
  );

/** Pieces tried in one place: what the client has and holds, then the nearest of the stock. */
const TRIED = { own: 24, stock: 10 } as const;

/** Everything that could be tried on a finding. */
function candidates(
  finding: Finding,
  pieces: readonly Piece[],
  pool: readonly Piece[],
  stock: readonly Piece[],
): Mend[] {
  const worn = new Set(pieces.map((piece) => piece.id));
  const spare = (fits: (slot: Slot) => boolean): { other: Piece; from: MendSource }[] => {
    const own = pool.filter(({ id, category }) => !worn.has(id) && fits(CATEGORY[category].slot));
    const more = stock.filter(({ category }) => fits(CATEGORY[category].slot));
    return [
      ...own
        .slice(0, TRIED.own)
        .map((other) => ({ other, from: other.owned ? ('closet' as const) : ('box' as const) })),
      ...more.slice(0, TRIED.stock).map((other) => ({ other, from: 'stock' as const })),
    ];
  };
  const spoken =
    finding.pieces.length > 0 ? pieces.filter((piece) => finding.pieces.includes(piece.id)) : pieces;
  const tried: Mend[] = [];
  for (const piece of spoken) {
    if (!CATEGORY[piece.category].main || CATEGORY[piece.category].slot === 'layer') {
      tried.push({ kind: 'take-off', piece: piece.id, gain: 0 });
    }
    for (const mode of modesOf(piece)) {
      if (mode.id !== (piece.mode ?? modesOf(piece)[0]?.id))
        tried.push({
          kind: 'wear',
          piece: piece.id,
          mode: mode.id,
          way: mode.title,
          gain: 0,
        });
    }
    const { slot } = CATEGORY[piece.category];
    for (const { other, from } of spare((its) => its === slot)) {
      tried.push({
        kind: 'swap',
        from,
        piece: piece.id,
        with: other.id,
        gain: 0,
      });
    }
  }
  for (const { other, from } of spare((its) => !BASE.includes(its)))
    tried.push({ kind: 'add', from, piece: other.id, gain: 0 });
  return tried;
}

const BASE: readonly Slot[] = ['top', 'bottom', 'whole', 'shoes'];

export interface MendInput {
  readonly pieces: readonly Piece[];
  /** Closet and box. */
  readonly pool: readonly Piece[];
  /** On the shelf in the client's size, what suits best first; not held yet. */
  readonly stock?: readonly Piece[] | undefined;
  readonly setting: Setting;
  readonly settings?: Settings | undefined;
  readonly overrules?: readonly Overrule[] | undefined;
}

/** A mend with every finding it answers: said once, however many rules ask for it. */
export interface LookMend extends Mend {
  /** Places in the verdict's findings. */
  readonly answers: readonly number[];
}

/** How much of a look a mend changes: a way of wearing least, a main piece most. */
function sizeOf({ kind, piece, with: other }: Mend, all: ReadonlyMap<string, Piece>): number {
  if (kind === 'wear') return 0;
  const changed = all.get(kind === 'swap' ? piece : (other ?? piece));
  const { main, slot } = CATEGORY[changed?.category ?? 'bag'];
  if (slot === 'layer' || slot === 'shoes') return 2;
  return main ? 3 : 1;
}

/** True for a swap that takes a main piece below what the occasion asks for. */
function dressesDown(
  { kind, piece, with: other }: Mend,
  all: ReadonlyMap<string, Piece>,
  setting: Setting,
): boolean {
  const [before, after] = [all.get(piece), all.get(other ?? '')];
  const least = setting.occasion?.formality[0];
  return (
    kind === 'swap' &&
    least !== undefined &&
    before !== undefined &&
    after !== undefined &&
    CATEGORY[before.category].main &&
    formalityOf(wear(after)) < Math.min(least, formalityOf(wear(before)))
  );
}

/**
 * Every change that was tried and helps: applied to a copy and judged, it answers the findings it names, adds no fight
 * or block, and gains what it prints. What answers most stands first, then what changes least, then what gains most.
 */
export function lookMends(
  { pieces, pool, stock = [], setting, settings = {}, overrules = [] }: MendInput,
  verdict: Verdict,
): LookMend[] {
  const before = severity(verdict);
  const everything = [...pool, ...stock];
  const all = new Map([...everything, ...pieces].map((piece) => [piece.id, piece]));
  // Many findings are answered by one change: each change is judged once.
  const tried = new Map<string, { readonly mend: Mend; readonly concerns: number[] }>();
  verdict.findings.forEach((finding, at) => {
    if (finding.tone === 'works') return;
    for (const mend of candidates(finding, pieces, pool, stock)) {
      const key = mendKey(mend);
      const known = tried.get(key);
      if (known) known.concerns.push(at);
      else tried.set(key, { mend, concerns: [at] });
    }
  });
  const found: (LookMend & { readonly ease: number; readonly weight: number; readonly size: number })[] = [];
  for (const { mend, concerns } of tried.values()) {
    if (dressesDown(mend, all, setting)) continue;
    const after = judge(applyMend(pieces, mend, everything), setting, settings, overrules);
    const ease = severity(after);
    if (ease >= before || (verdict.complete && !after.complete)) continue;
    const answers = concerns.filter((at) => isGone(verdict.findings[at] as Finding, after));
    const gain = tenth(after.score.sum - verdict.score.sum);
    const weight = answers.reduce((sum, at) => sum + WEIGHT[(verdict.findings[at] as Finding).tone], 0);
    // What stops or spoils a look is worth a little of its score; a note is not.
    if (answers.length === 0 || gain < (weight >= WEIGHT.fights ? LEAST_GAIN : 0)) continue;
    found.push({ ...mend, gain, answers, ease, weight, size: sizeOf(mend, all) });
  }
  return found
    .sort(
      (a, b) =>
        b.weight - a.weight ||
        a.size - b.size ||
        a.ease - b.ease ||
        b.gain - a.gain ||
        sourceOf(a) - sourceOf(b),
    )
    .map(({ ease: _ease, weight: _weight, size: _size, ...mend }) => mend);
}

const WEIGHT = { blocks: 1000, fights: 30, note: 1, works: 0 } as const;

export const mendKey = ({ kind, piece, with: other, mode }: Mend): string =>
  `${kind} ${piece} ${other ?? ''} ${mode ?? ''}`;

const isGone = (finding: Finding, { findings }: Verdict): boolean =>
  !findings.some(
    (other) =>
      other.rule === finding.rule &&
      other.tone === finding.tone &&
      (aboutOf(other) === aboutOf(finding) || finding.zone === other.zone),
  );

/** Of two mends that gain the same, what is owned comes before what is held, and that before what is on the shelf. */
const sourceOf = ({ from }: Mend): number => (from ? MEND_SOURCES.indexOf(from) : -1);

export const findingKey = (finding: Finding): string =>
  `${finding.rule}:${finding.tone}:${aboutOf(finding)}:${finding.zone ?? ''}`;

/** A mend as one says it to whoever makes it: "Leave off the belt". */
export function mendWords({ kind, piece, with: other, way = '' }: Mend, by: Speaker): string {
  switch (kind) {
    case 'take-off':
      return `Leave off ${by.called(piece)}`;
    case 'wear':
      return `${capital(by.called(piece))}: ${way.toLowerCase()}`;
    case 'swap':
      return `${capital(by.called(other ?? ''))} instead of ${by.called(piece)}`;
    case 'add':
      return `Add ${by.called(piece)}`;
  }
}
