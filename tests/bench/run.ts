import { colourDifference, judging, poolJudging } from './judge.bench';
import { ledger } from './ledger.bench';
import { page, start } from './page.bench';
import { stockImport } from './import.bench';
import { plan } from './plan.bench';
import { pull } from './pull.bench';
import { flats } from './flats.bench';
import { rail } from './rail.bench';
import { storage } from './storage.bench';
import { ways } from './ways.bench';
import type { Figure } from './figure';

/** `bin/bench [--json] [--only PATTERN]`: figures as ratios within one run. */
async function main(args: readonly string[]): Promise<void> {
  const only = args.includes('--only') ? new RegExp(args[args.indexOf('--only') + 1] ?? '', 'i') : /./;
  const figures: Figure[] = [];
  for (const bench of [
    colourDifference,
    judging,
    poolJudging,
    rail,
    flats,
    ways,
    pull,
    storage,
    page,
    start,
    plan,
    stockImport,
    ledger,
  ])
    if (only.test(bench.name)) figures.push(...(await bench.run()));
  if (args.includes('--json')) process.stdout.write(`${JSON.stringify(figures, null, 2)}\n`);
  else
    for (const { name, value, unit, ratio, reach, ok } of figures)
      process.stdout.write(
        `${ok ? 'ok  ' : 'MISS'} ${name}: ${value} ${unit}; ratio ${ratio.toFixed(2)} (${reach})\n`,
      );
  process.exitCode = figures.every(({ ok }) => ok) ? 0 : 1;
}

await main(process.argv.slice(2));
