import { readFileSync } from 'node:fs';
import { judgementOf, readLooks } from '@contracts/look-file';

/** `npm run -s judge -- FILE`: judges a look file; `-` reads standard input. Exit 2 on a bad file, with every fault. */
function main(args: readonly string[]): number {
  const file = args[0];
  if (file === undefined || args.length > 1) {
    process.stderr.write('usage: npm run -s judge -- FILE   (or - for standard input)\n');
    return 2;
  }
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    process.stderr.write(`(file): ${(error as Error).message}\n`);
    return 2;
  }
  const read = readLooks(text);
  if (!read.ok) {
    for (const { path, message } of read.faults) process.stderr.write(`${path}: ${message}\n`);
    return 2;
  }
  const judged = read.looks.map(judgementOf);
  process.stdout.write(`${JSON.stringify(read.many ? judged : judged[0], null, 2)}\n`);
  return 0;
}

process.exitCode = main(process.argv.slice(2));
