import {
  BY_HAND,
  type Cause,
  CAUSES,
  countDifference,
  type Place,
  PLACES,
  PROPOSED,
  ROUTE,
} from '@core/stock';
import { describe, expect, it } from 'vitest';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

const routed = CAUSES.flatMap((cause) => {
  const route = ROUTE[cause];
  return route ? [[cause, ...route] as const] : [];
});

describe('where a unit goes', () => {
  it('has one way for each cause, and a correction and a count alone may go any', () => {
    expect(CAUSES.filter((cause) => !ROUTE[cause])).toEqual(['count', 'correction']);
    for (const [, from, to] of routed) expect(from).not.toBe(to);
  });

  it('leads from the supplier to every place but the one that is only lent, and back to the shelf from wherever it is here', () => {
    const reach = (start: Place, edges: readonly (readonly [Place, Place])[]): ReadonlySet<Place> => {
      const seen = new Set<Place>([start]);
      for (const at of seen) for (const [from, to] of edges) if (from === at) seen.add(to);
      return seen;
    };
    const ways = routed.map(([, from, to]) => [from, to] as const);
    expect(PLACES.filter((place) => !reach('supplier', ways).has(place))).toEqual(['loan-in']);
    const back = ways.map(([from, to]) => [to, from] as const);
    // What was sold, lost or written off may come back too; nothing goes back to a supplier by itself.
    expect(PLACES.filter((place) => !reach('shelf', back).has(place))).toEqual(['loan-in']);
    expect(ways.some(([, to]) => to === 'supplier')).toBe(false);
  });

  it.each([
    ['hold', 'release'],
    ['hold', 'expire'],
    ['lose', 'turn-up'],
    ['clean', 'cleaned'],
    ['mend', 'mended'],
    ['sample', 'sampled'],
  ] as const)('%s is undone by %s', (there, back) => {
    expect([...sure(ROUTE[there])].reverse()).toEqual(ROUTE[back]);
  });

  it('moves by hand only what no box holds, and what makes less of the shop is proposed', () => {
    const boxes: readonly Place[] = ['held', 'out', 'sold', 'returned'];
    for (const cause of BY_HAND) for (const place of sure(ROUTE[cause])) expect(boxes).not.toContain(place);
    expect(PROPOSED).toEqual(
      BY_HAND.filter((cause) => ['written-off', 'sample'].includes(sure(ROUTE[cause])[1])),
    );
  });

  it('neither makes nor loses a unit in 20,000 drawn steps, and no place but the supplier falls below nought', () => {
    const random = stream(3);
    const books = new Map<Place, number>(PLACES.map((place) => [place, 0]));
    const at = (place: Place): number => sure(books.get(place));
    const met = new Set<Cause>();
    for (let i = 0; i < 20_000; i++) {
      const [cause, from, to] = sure(routed[Math.floor(random() * routed.length)]);
      if (from !== 'supplier' && at(from) === 0) continue;
      met.add(cause);
      books.set(from, at(from) - 1);
      books.set(to, at(to) + 1);
    }
    expect(met.size).toBe(routed.length);
    expect([...books.values()].reduce((sum, qty) => sum + qty, 0)).toBe(0);
    for (const place of PLACES) if (place !== 'supplier') expect(at(place)).toBeGreaterThanOrEqual(0);
  });
});

describe('a count', () => {
  it('moves just so many that the shelf holds what was counted, and nothing where the books are right', () => {
    for (let shelf = 0; shelf <= 6; shelf++)
      for (let counted = 0; counted <= 6; counted++) {
        const moved = countDifference(shelf, counted);
        if (shelf === counted) {
          expect(moved).toBeUndefined();
          continue;
        }
        const { qty, from, to } = sure(moved);
        expect(qty).toBeGreaterThan(0);
        expect(shelf + (to === 'shelf' ? qty : 0) - (from === 'shelf' ? qty : 0)).toBe(counted);
        // More than the books say came from nowhere known; fewer are written off.
        expect(counted > shelf ? from : to).toBe(counted > shelf ? 'supplier' : 'written-off');
      }
  });
});
