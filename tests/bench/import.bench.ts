import { performance } from 'node:perf_hooks';
import { readSource, sourceOfText, stockBatches } from '@contracts/till-file';
import { callerOf } from '../support/server';
import { type Bench, type Figure, percentile } from './figure';

/** Rows of a till's file: what a boutique has, and what a large one has. */
const SMALL = 10_000;
const LARGE = 200_000;
/** Rows that are brought in through the server, while somebody asks how it is. */
const BROUGHT = 5000;
const HEALTH_MS = 200;

const NAMES = ['Wool wrap dress', 'Linen shirt long', 'Silk cami top', 'Slim jeans', 'Merino crew jumper'];
const COLOURS = ['green', 'navy', 'ivory', 'black', 'rust'];

/** A file of an invented till: five sizes of a garment after one another, each garment another. */
function fileOf(rows: number, prefix: string): string {
  const lines = ['Item,Colour,Size,SKU,Price,On hand'];
  for (let i = 0; i < rows; i++) {
    const garment = Math.floor(i / 5);
    lines.push(
      `${NAMES[garment % 5]} ${prefix} ${garment},${COLOURS[garment % 5]},${8 + 2 * (i % 5)},${prefix}-${i},${20 + (garment % 90)}.00,${i % 4}`,
    );
  }
  return lines.join('\n');
}

/** Microseconds a row to read a file of so many rows and make its parts. */
function readTime(rows: number): number {
  const text = fileOf(rows, 'RD');
  const begun = performance.now();
  const { rows: read } = readSource(sourceOfText(text), { currency: 'EUR' });
  stockBatches(read);
  if (read.length !== rows) throw new Error(`${read.length} rows of ${rows} were read`);
  return ((performance.now() - begun) / rows) * 1000;
}

async function run(): Promise<Figure[]> {
  readTime(2000);
  const [small, large] = [readTime(SMALL), readTime(LARGE)];
  const origin = process.env.IVORY_RAIL ?? '';
  const caller = await callerOf(origin);
  const { rows } = readSource(sourceOfText(fileOf(BROUGHT, `BN${Date.now() % 100_000}`)), {
    currency: 'EUR',
  });
  const waits: number[] = [];
  let over = false;
  const asking = (async () => {
    while (!over) {
      const begun = performance.now();
      await (await fetch(`${origin}/health`)).arrayBuffer();
      waits.push(performance.now() - begun);
      await new Promise((rest) => setTimeout(rest, 20));
    }
  })();
  const begun = performance.now();
  for (const { text } of stockBatches(rows)) {
    const { status, problem } = await caller.call('import-stock', { csv: text, take: 'good' });
    if (status !== 200) throw new Error(problem.title);
  }
  const perRow = ((performance.now() - begun) / BROUGHT) * 1000;
  over = true;
  await asking;
  const worst = percentile(waits, 0.99);
  return [
    {
      name: `a till's file read, ${LARGE} rows beside ${SMALL}`,
      value: Math.round(large),
      unit: 'µs a row',
      ratio: large / small,
      reach: 'at most 1.1',
      ok: large / small <= 1.1,
    },
    {
      name: `brought in through the server, ${BROUGHT} rows`,
      value: Math.round(perRow),
      unit: 'µs a row',
      ratio: perRow / large,
      reach: 'no reach of its own; beside reading a row',
      ok: true,
    },
    {
      name: '/health while it comes in, p99',
      value: Math.round(worst),
      unit: 'ms',
      ratio: worst / HEALTH_MS,
      reach: 'below 1: under 200 ms',
      ok: worst < HEALTH_MS,
    },
  ];
}

export const stockImport: Bench = { name: 'import', run };
