import { planPrinted, readPlan } from '@contracts/plan-file';
import { bestOf } from './exact';
import { print, refuse, textOf } from './file';

const USAGE = 'usage: npm run -s plan -- FILE [--exact] [--seed N]   (or - for standard input)';

/** Prints the plan of a box, of several, or of a journey; exit 2 on a bad file or argument, with every fault. */
async function main(args: readonly string[]): Promise<number> {
  const faults: string[] = [];
  const files: string[] = [];
  let [seed, exact] = [1, false];
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] ?? '';
    if (arg === '--exact') exact = true;
    else if (arg === '--seed') {
      seed = Number(args[++i]);
      if (!Number.isInteger(seed)) faults.push('--seed: a whole number');
    } else if (arg.startsWith('--')) faults.push(`${arg}: not known here`);
    else files.push(arg);
  }
  const [file] = files;
  if (file === undefined || files.length !== 1) return refuse([...faults, USAGE]);
  if (faults.length > 0) return refuse(faults);
  const text = textOf(file);
  if (text === undefined) return 2;
  const read = readPlan(text);
  if (!read.ok) return refuse(read.faults);
  print(await planPrinted(read.file, seed, () => performance.now(), exact ? bestOf : undefined));
  return 0;
}

process.exitCode = await main(process.argv.slice(2));
