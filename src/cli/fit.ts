import { fittingOf, readFits } from '@contracts/fit-file';
import { print, refuse, textOf } from './file';

/** How sizes of garments fit clients; `-` reads standard input. Exit 2 on a bad file, with every fault. */
function main(args: readonly string[]): number {
  const [file] = args;
  if (file === undefined || args.length > 1)
    return refuse(['usage: npm run -s fit -- FILE   (or - for standard input)']);
  const text = textOf(file);
  if (text === undefined) return 2;
  const read = readFits(text);
  if (!read.ok) return refuse(read.faults);
  const fitted = read.files.map(fittingOf);
  print(read.many ? fitted : fitted[0]);
  return 0;
}

process.exitCode = main(process.argv.slice(2));
