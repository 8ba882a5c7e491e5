import { judge } from '@core/look';
import { BLANK_OCCASION, type Occasion } from '@core/occasion';
import { completeness, modesOf, type Piece, wear } from '@core/piece';
import { carriedFor, type Turn, turnsOf } from '@core/ways';
import { describe, expect, it } from 'vitest';
import { demoPieces, demoSetting } from '../../bench/pool';
import { one } from '../../support/pieces';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

const { occasion, ...client } = demoSetting();
const day = sure(occasion);
const evening: Occasion = {
  ...BLANK_OCCASION,
  title: 'Dinner',
  date: '2026-12-04',
  formality: [6, 8],
  time: 'evening',
  indoorC: 21,
  outdoorC: 5,
};
const all = demoPieces(160);
const isRight = (look: readonly Piece[], to: Occasion): boolean => {
  const { sendable, findings } = judge(look, { ...client, occasion: to });
  return sendable && !findings.some(({ tone }) => tone === 'fights' || tone === 'blocks');
};

/** Everything one change makes of a look, written anew: off, on, in place of another, another way. */
function everyChange(look: readonly Piece[], closet: readonly Piece[]): Piece[][] {
  const rest = closet.filter(({ id }) => !look.some((piece) => piece.id === id));
  return [
    ...look.map((piece) => look.filter((each) => each !== piece)),
    ...rest.map((piece) => [...look, piece]),
    ...rest.flatMap((piece) => look.map((other) => look.map((each) => (each === other ? piece : each)))),
    ...look.flatMap((piece) =>
      modesOf(piece).map(({ id }) => look.map((each) => (each === piece ? { ...piece, mode: id } : each))),
    ),
  ].filter((each) => completeness(each.map(wear)).complete);
}

/** Small closets with a day look each, drawn by chance. */
function closets(count: number): { look: Piece[]; pieces: Piece[] }[] {
  const next = stream(31);
  const of = (...kinds: string[]): Piece[] => all.filter(({ category }) => kinds.includes(category));
  const pick = (from: readonly Piece[]): Piece => from[Math.floor(next() * from.length)] as Piece;
  return Array.from({ length: count }, () => {
    const look = [
      pick(of('shirt', 'blouse', 'fine-knit', 'tee')),
      pick(of('trousers', 'jeans', 'skirt')),
      pick(of('loafer', 'flat', 'ankle-boot', 'sneaker')),
    ];
    const more = [
      pick(of('heel')),
      pick(of('blouse')),
      pick(of('blazer')),
      pick(of('skirt', 'trousers')),
      pick(of('earrings', 'necklace')),
    ];
    const pieces = [...new Map([...look, ...more].map((piece) => [piece.id, piece])).values()];
    return { look, pieces };
  });
}

describe('a look taken to another occasion', () => {
  it('needs as few changes as there are: none when it is right, one only when one does', () => {
    const counts = [0, 0, 0, 0];
    for (const { look, pieces } of closets(24)) {
      const turns = turnsOf({ worn: look, pieces, setting: client, occasion: evening });
      const [first] = turns;
      const needed = first?.changes.length;
      expect(isRight(look, evening)).toBe(needed === 0);
      if (needed !== 0) {
        const one = everyChange(look, pieces).some((each) => isRight(each, evening));
        // Fourteen of the best are read by the rules: what is right stands among them, or one more change is proposed.
        if (needed === 1) expect(one).toBe(true);
        else if (one) counts[3] = (counts[3] ?? 0) + 1;
      }
      for (const turn of turns) {
        expect(isRight(turn.pieces, evening)).toBe(true);
        expect(turn.changes.length).toBe(needed);
        expect(new Set(turn.pieces.map(({ id }) => id)).size).toBe(turn.pieces.length);
      }
      counts[Math.min(2, needed ?? 2)] = (counts[Math.min(2, needed ?? 2)] ?? 0) + 1;
    }
    // Of the closets, some are solved by one change, and hardly one that one change would solve is missed.
    expect(counts[1]).toBeGreaterThan(3);
    expect(counts[3]).toBeLessThanOrEqual(1);
  });

  it('proposes things that differ, and nothing for what three changes do not do', () => {
    const { look, pieces } = sure(closets(1)[0]);
    const turns = turnsOf({
      worn: look,
      pieces: [...new Set([...all.slice(0, 60), ...pieces])],
      setting: client,
      occasion: evening,
    });
    const said = turns.map(({ changes }) =>
      changes
        .map(({ kind, piece }) => `${kind} ${piece.id}`)
        .sort()
        .join(),
    );
    expect(new Set(said).size).toBe(turns.length);
    const gown: Occasion = { ...evening, formality: [10, 10] };
    expect(turnsOf({ worn: look, pieces: look, setting: client, occasion: gown })).toEqual([]);
    expect(
      turnsOf({ worn: look, pieces, setting: client, occasion: day }).every(({ pieces: p }) =>
        isRight(p, day),
      ),
    ).toBe(true);
  });
});

describe('what is carried for a change', () => {
  const bag = (width: number) => one('bag', 'bag', '#17171a', { measures: { width, length: 240 } });
  const turn = (...on: Piece[]): Turn => ({
    changes: on.map((piece) => ({ kind: 'on', piece })),
    pieces: on,
    score: 90,
  });
  const heels = one('heels', 'heel', '#17171a');
  const jewel = one('jewel', 'earrings', '#b08d57');
  it('goes into a bag that is wide enough, small things into any', () => {
    expect(carriedFor([bag(320)], turn(heels, jewel)).fits).toBe(true);
    expect(carriedFor([bag(200)], turn(heels)).fits).toBe(false);
    expect(carriedFor([bag(200)], turn(jewel)).fits).toBe(true);
    expect(carriedFor([bag(320)], turn(heels, one('top', 'blouse', '#fbfbf9'))).fits).toBe(false);
    expect(carriedFor([], turn(heels))).toEqual({ pieces: [heels] });
    expect(carriedFor([bag(320)], { changes: [], pieces: [], score: 90 }).pieces).toEqual([]);
  });
});
