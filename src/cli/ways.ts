import { readWays, strangers, type WaysAsked, waysPrinted } from '@contracts/ways-file';
import { print, refuse, textOf } from './file';

const USAGE = 'usage: npm run -s ways -- FILE [--n 5] [--pin ID]… [--ban ID]…   (or - for standard input)';
const MOST_WAYS = 50;

function readArguments(args: readonly string[]): (WaysAsked & { readonly file: string }) | readonly string[] {
  const faults: string[] = [];
  const [files, pins, bans]: string[][] = [[], [], []];
  let count = 5;
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] ?? '';
    if (arg === '--n') {
      count = Number(args[++i]);
      if (!Number.isInteger(count) || count < 1 || count > MOST_WAYS)
        faults.push(`--n: a number from 1 to ${MOST_WAYS}`);
    } else if (arg === '--pin') pins?.push(args[++i] ?? '');
    else if (arg === '--ban') bans?.push(args[++i] ?? '');
    else if (arg.startsWith('--')) faults.push(`${arg}: not known here`);
    else files?.push(arg);
  }
  const file = files?.[0];
  if (file === undefined || files?.length !== 1) faults.push(USAGE);
  return faults.length > 0 || file === undefined
    ? faults
    : { file, count, pins: pins ?? [], bans: bans ?? [] };
}

/** Prints the ways of wearing that differ most; exit 2 on a bad file or argument, with every fault. */
function main(args: readonly string[]): number {
  const asked = readArguments(args);
  if (!('file' in asked)) return refuse(asked);
  const text = textOf(asked.file);
  if (text === undefined) return 2;
  const read = readWays(text);
  if (!read.ok) return refuse(read.faults);
  const unknown = strangers(read.file, asked);
  if (unknown.length > 0) return refuse(unknown);
  print(waysPrinted(read.file, asked, () => performance.now()));
  return 0;
}

process.exitCode = main(process.argv.slice(2));
