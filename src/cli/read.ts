import { READ_AS, read, type ReadAs } from '@core/reading';
import type { English } from '@core/words';
import { refuse, textOf } from './file';

const FORMAT = 'ivory-rail/reading@1';
const USAGE =
  'usage: npm run -s read -- [--as ask|piece|garment] [--locale en-GB|en-US] FILE   (or - for standard input)';

/** Prints what is understood of each line of a file, one JSON a line; `-` reads standard input. */
function main(args: readonly string[]): number {
  let as: ReadAs = 'ask';
  let english: English = 'british';
  const files: string[] = [];
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] ?? '';
    if (arg === '--as') {
      const wanted = READ_AS.find((each) => each === args[i + 1]);
      if (!wanted) return refuse([`--as: one of ${READ_AS.join(', ')}`]);
      as = wanted;
      i++;
    } else if (arg === '--locale') {
      const locale = args[++i] ?? '';
      if (!/^en(-[A-Z]{2})?$/i.test(locale)) return refuse(['--locale: en-GB or en-US']);
      english = /-US$/i.test(locale) ? 'american' : 'british';
    } else if (arg.startsWith('--')) return refuse([`${arg}: not known here`]);
    else files.push(arg);
  }
  const [file] = files;
  if (file === undefined || files.length > 1) return refuse([USAGE]);
  const text = textOf(file);
  if (text === undefined) return 2;
  const lines = text.replace(/^\uFEFF/, '').split(/\r?\n/);
  if (lines.at(-1) === '') lines.pop();
  for (const line of lines)
    process.stdout.write(`${JSON.stringify({ format: FORMAT, ...read(line, { as, english }) })}\n`);
  return 0;
}

process.exitCode = main(process.argv.slice(2));
