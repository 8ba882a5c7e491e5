import { readFileSync } from 'node:fs';
import type { Fault } from '@contracts/faults';

/** The text of a file, or of standard input for `-`; says on standard error why not. */
export function textOf(file: string): string | undefined {
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    process.stderr.write(`(file): ${(error as Error).message}\n`);
    return undefined;
  }
}

/** One line per fault on standard error; the exit code of a bad file. */
export function refuse(faults: readonly (Fault | string)[]): 2 {
  for (const fault of faults)
    process.stderr.write(typeof fault === 'string' ? `${fault}\n` : `${fault.path}: ${fault.message}\n`);
  return 2;
}

export const print = (value: unknown): void => {
  process.stdout.write(`${JSON.stringify(value, null, 2)}\n`);
};
