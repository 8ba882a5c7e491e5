import { faultsOf } from '@contracts/faults';
import { judgementOf, type LookFile, readLooks } from '@contracts/look-file';
import { schoolsSchema } from '@contracts/profile';
import type { Schools } from '@core/client';
import { ruleOf, RULES, type Settings } from '@core/rules';
import { print, refuse, textOf } from './file';

const USAGE =
  'usage: npm run -s judge -- [--rules C1,P1] [--schools colour=harmony,metals=mix] FILE   (or - for standard input)';

interface Asked {
  readonly file: string;
  readonly schools: Partial<Schools>;
  /** Rules left out by `--rules` are off. */
  readonly settings: Settings;
}

function readArguments(args: readonly string[]): Asked | { readonly faults: readonly string[] } {
  const faults: string[] = [];
  const files: string[] = [];
  let schools: Partial<Schools> = {};
  let settings: Settings = {};
  for (let i = 0; i < args.length; i++) {
    const arg = args[i] ?? '';
    if (arg === '--rules') {
      const wanted = (args[++i] ?? '').split(',').filter(Boolean);
      for (const id of wanted) if (!ruleOf(id)) faults.push(`--rules: ${id} is not a rule`);
      if (wanted.length === 0) faults.push('--rules: a list of rules is wanted, as C1,P1');
      settings = Object.fromEntries(
        RULES.filter(({ id }) => !wanted.includes(id)).map(({ id }) => [id, { off: true }]),
      );
    } else if (arg === '--schools') {
      const given = Object.fromEntries((args[++i] ?? '').split(',').map((pair) => pair.split('=')));
      const read = schoolsSchema.partial().safeParse(given);
      if (read.success) schools = read.data;
      else faults.push(...faultsOf(read.error).map(({ path, message }) => `--schools: ${path}: ${message}`));
    } else if (arg.startsWith('--')) faults.push(`${arg}: not known here`);
    else files.push(arg);
  }
  const [file] = files;
  if (file === undefined || files.length > 1) faults.push(USAGE);
  return faults.length > 0 || file === undefined ? { faults } : { file, schools, settings };
}

const withSchools = (look: LookFile, schools: Partial<Schools>): LookFile => ({
  ...look,
  setting: { ...look.setting, schools: { ...look.setting.schools, ...schools } },
});

/** Judges a look file; `-` reads standard input. Exit 2 on a bad file or argument, with every fault. */
function main(args: readonly string[]): number {
  const asked = readArguments(args);
  if ('faults' in asked) return refuse(asked.faults);
  const { file, schools, settings } = asked;
  const text = textOf(file);
  if (text === undefined) return 2;
  const read = readLooks(text);
  if (!read.ok) return refuse(read.faults);
  const judged = read.looks.map((look) => judgementOf(withSchools(look, schools), settings));
  print(read.many ? judged : judged[0]);
  return 0;
}

process.exitCode = main(process.argv.slice(2));
