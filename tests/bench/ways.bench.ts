import { EVERYDAY } from '@core/occasion';
import { type Rail, railOf, waysOf } from '@core/ways';
import { pieceFrom, type Piece } from '@core/piece';
import { type Bench, type Figure, percentile } from './figure';
import { demoPieces, demoSetting } from './pool';

/** Ms to reach (engineering.md): the first answer, all five, and all five out of a large closet. */
const REACH = { first: 50, all: 150, large: 600 } as const;
const ROUNDS = 21;
const WAYS = 5;

/** A closet of so many owned pieces and a box of eight, out of the demo's garments; past their number they come again in another colour. */
function closetAndBox(owned: number): Piece[] {
  const shelf = demoPieces(160);
  return Array.from({ length: owned + 8 }, (_, i): Piece => {
    const piece = shelf[i % shelf.length] as Piece;
    const turn = Math.floor(i / shelf.length);
    return pieceFrom({
      ...piece,
      id: `p${i}`,
      title: `${piece.title} ${turn || ''}`.trim(),
      owned: i < owned,
    } as never);
  });
}

/** Five ways to wear each of several pieces of the box: ms until something is shown and until it is all there. */
function measured(
  pieces: readonly Piece[],
  rounds: number,
): { first: number[]; all: number[]; warming: number } {
  const { occasion = EVERYDAY, ...setting } = demoSetting();
  const begun = performance.now();
  const rails = new Map<string, Rail>([[occasion.title, railOf(pieces, { ...setting, occasion }, {})]]);
  const warming = performance.now() - begun;
  const [first, all]: [number[], number[]] = [[], []];
  const box = pieces.filter(({ owned }) => !owned);
  for (let i = 0; i < rounds; i++) {
    const asked = performance.now();
    const steps = waysOf({
      pieces,
      around: [(box[i % box.length] as Piece).id],
      count: WAYS,
      setting,
      occasions: [occasion],
      rails: () => rails.get(occasion.title) as Rail,
    });
    let shown: number | undefined;
    for (let isDone = false; !isDone;) {
      isDone = steps.next().done ?? false;
      shown ??= performance.now() - asked;
    }
    first.push(shown ?? 0);
    all.push(performance.now() - asked);
  }
  return { first, all, warming };
}

const figure = (name: string, ms: number, reach: number, more: string): Figure => ({
  name,
  value: Number(ms.toFixed(1)),
  unit: `ms (${more})`,
  ratio: ms / reach,
  reach: `< ${reach} ms`,
  ok: ms < reach,
});

/** Five different ways to wear one piece, as the worker of the Rail finds them: rails are made before, the engine has run once. */
export const ways: Bench = {
  name: 'ways',
  run: () => {
    const cold = measured(closetAndBox(60), 1);
    const warm = measured(closetAndBox(60), ROUNDS);
    const large = measured(closetAndBox(500), 5);
    const said = (all: readonly number[]): string =>
      `median of ${all.length}; slowest ${Math.max(...all).toFixed(0)}`;
    return Promise.resolve([
      figure(
        'ways: the first shown of five, closet 60 + box 8',
        percentile(warm.first, 0.5),
        REACH.first,
        `${said(warm.first)}; cold, the making of the rail in it, ${(cold.warming + (cold.first[0] ?? 0)).toFixed(0)}`,
      ),
      figure(
        'ways: five, closet 60 + box 8',
        percentile(warm.all, 0.5),
        REACH.all,
        `${said(warm.all)}; cold ${(cold.warming + (cold.all[0] ?? 0)).toFixed(0)}`,
      ),
      figure(
        'ways: five, closet 500 + box 8',
        percentile(large.all, 0.5),
        REACH.large,
        `${said(large.all)}; making the rail ${large.warming.toFixed(0)}`,
      ),
    ]);
  },
};
