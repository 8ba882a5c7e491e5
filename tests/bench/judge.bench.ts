import { deltaE, lab } from '@core/colour';
import { judge, LookPool, type PoolVerdict } from '@core/look';
import { differenceCiede2000 } from 'culori';
import fc from 'fast-check';
import { anyPiece } from '../support/pieces';
import { type Bench, type Figure, FRAME_MS, percentile } from './figure';
import { completeLooks, demoPieces, demoSetting } from './pool';

const timed = (work: () => void): number => {
  const start = performance.now();
  work();
  return performance.now() - start;
};

/** The readable path of the judge, in Node. */
export const judging: Bench = {
  name: 'judge',
  run: () => {
    // A pool of 120 pieces, and looks of 8 drawn from it, as a closet and a box make them.
    const pool = fc
      .sample(anyPiece, { numRuns: 120, seed: 3 })
      .map((piece, i) => ({ ...piece, id: `p${i}` }));
    const draw = fc.shuffledSubarray([...pool.keys()], { minLength: 8, maxLength: 8 });
    const looks = fc
      .sample(draw, { numRuns: 4000, seed: 5 })
      .map((picks) => picks.flatMap((i) => pool[i] ?? []));
    for (const look of looks.slice(0, 200)) judge(look);
    const all = timed(() => looks.forEach((look) => judge(look)));
    const perSecond = (looks.length / all) * 1000;
    const oneNew = (look: (typeof looks)[0]): number =>
      timed(() => judge(look.map((piece, i) => (i === 0 ? { ...piece } : piece))));
    // As after a few minutes at the Rail: the shaping of new pieces has been compiled.
    for (const look of looks.slice(0, 600)) oneNew(look);
    const p95 = percentile(looks.slice(600, 800).map(oneNew), 0.95);
    const figures: Figure[] = [
      {
        name: 'judge: looks of 8 from a pool of 120 a second, readable path',
        value: Math.round(perSecond),
        unit: 'looks/s',
        ratio: perSecond / 1000,
        reach: '≥ 1 × 1,000 looks/s',
        ok: perSecond >= 1000,
      },
      {
        name: 'judge: a look of 8 pieces of which one changed, p95 of 200',
        value: Number(p95.toFixed(2)),
        unit: 'ms',
        ratio: p95 / FRAME_MS,
        reach: '< 0.25 of a 60 Hz frame',
        ok: p95 < FRAME_MS * 0.25,
      },
    ];
    return Promise.resolve(figures);
  },
};

/** ΔE over a pool: ours against culori's, on the same Lab objects, in one run. */
export const colourDifference: Bench = {
  name: 'delta-e',
  run: () => {
    const pool = fc.sample(fc.integer({ min: 0, max: 0xffffff }), { numRuns: 700, seed: 9 }).map((value) => {
      const { l, a, b } = lab(`#${value.toString(16).padStart(6, '0')}`);
      return { mode: 'lab65' as const, l, a, b };
    });
    const theirs = differenceCiede2000();
    let [worst, sink] = [0, 0];
    for (const p of pool.slice(0, 100))
      for (const q of pool) worst = Math.max(worst, Math.abs(deltaE(p, q) - theirs(p, q)));
    const over = (difference: (p: (typeof pool)[0], q: (typeof pool)[0]) => number): number =>
      timed(() => {
        for (const p of pool) for (const q of pool) sink += difference(p, q);
      });
    // In turns, so that a busy moment of the machine falls on both; the middle one of seven counts.
    const runs = Array.from({ length: 7 }, () => [over(deltaE), over(theirs)] as const);
    const ours = percentile(
      runs.map(([mine]) => mine),
      0.5,
    );
    const ratio = percentile(
      runs.map(([mine, yardstick]) => yardstick / mine),
      0.5,
    );
    if (sink < 0) throw new Error('unreachable');
    return Promise.resolve([
      {
        name: 'ΔE over a pool of 700 × 700',
        value: Math.round((pool.length ** 2 / ours) * 1000),
        unit: 'pairs/s',
        ratio,
        reach: `≥ 3 × culori; largest difference ${worst.toExponential(1)}`,
        ok: ratio >= 3 && worst < 1e-3,
      },
    ]);
  },
};

/** Looks out of one pool: the fast path against the readable one, on the same looks, with one verdict hash. */
export const poolJudging: Bench = {
  name: 'pool',
  run: () => {
    const pieces = demoPieces(120);
    const setting = demoSetting();
    const looks = completeLooks(pieces, 100_000);
    let slow = 0;
    // Each pass with a pool of its own, prepared within it; the quietest of five counts, as the machine has neighbours.
    const passes = Array.from({ length: 5 }, () => {
      let fast = 0;
      const ms = timed(() => {
        const pool = new LookPool(pieces, setting);
        for (const look of looks) fast = hashed(fast, pool.judge(look));
      });
      return { ms, fast };
    });
    const fastMs = Math.min(...passes.map(({ ms }) => ms));
    const slowMs = timed(() => {
      for (const look of looks) {
        const { complete, sendable, score } = judge(
          look.map((i) => pieces[i] as (typeof pieces)[0]),
          setting,
        );
        slow = hashed(slow, { complete, sendable, score: score.score });
      }
    });
    const perSecond = (looks.length / fastMs) * 1000;
    const plain = (looks.length / slowMs) * 1000;
    const same = passes.every(({ fast }) => fast === slow);
    return Promise.resolve([
      {
        name: `pool: 100,000 looks of 5 to 8 out of 120, the preparing in it; hash ${same ? 'the same' : 'DIFFERS'}`,
        value: Math.round(perSecond),
        unit: 'looks/s',
        ratio: perSecond / 50_000,
        reach: `≥ 1 × 50,000 looks/s; ${(perSecond / plain).toFixed(0)} × the readable path`,
        ok: perSecond >= 50_000 && same,
      },
      {
        name: 'pool: the same looks on the readable path, for this client and occasion',
        value: Math.round(plain),
        unit: 'looks/s',
        ratio: plain / 1000,
        reach: '≥ 1 × 1,000 looks/s',
        ok: plain >= 1000,
      },
    ]);
  },
};

const hashed = (before: number, { complete, sendable, score }: PoolVerdict): number =>
  (Math.imul(before, 31) + score * 4 + (complete ? 2 : 0) + (sendable ? 1 : 0)) | 0;
