import { eitherOf } from '@core/words';
import { z } from 'zod';

/** What a value is called that is not what was sent. */
const WANTED: Readonly<Record<string, string>> = {
  string: 'a text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no',
  array: 'a list',
  tuple: 'a list',
  object: 'a group of fields',
  record: 'a group of fields',
  null: 'nothing',
};

/** So many of a list of choices are named. */
const NAMED = 12;

function choiceWords(values: readonly unknown[]): string {
  const words = values.map(String);
  const named = words.length > NAMED + 1 ? [...words.slice(0, NAMED), 'another of the list'] : words;
  return `${eitherOf(named)} is wanted`;
}

const boundWords = (bound: 'at most' | 'at least', origin: string, by: unknown): string => {
  const many = Number(by) === 1 ? '' : 's';
  if (origin === 'string') return `${bound} ${by} character${many}`;
  return origin === 'array' || origin === 'set' ? `${bound} ${by} in the list` : `${bound} ${by}`;
};

/** Forms that have a name of their own. */
const FORMS: Readonly<Record<string, string>> = {
  uuid: 'not an id',
  email: 'not an e-mail address',
  url: 'not an address of the web',
  date: 'not a day, as 2027-05-30',
  datetime: 'not a time, as 2027-05-30T14:00:00Z',
};

/** What is wrong with what was sent, in the words of the house; where a schema has words of its own, those are said. */
function wordsOf(issue: z.core.$ZodRawIssue): string {
  if (issue.input === undefined) return 'missing';
  switch (issue.code) {
    case 'invalid_type':
      return `${WANTED[issue.expected] ?? issue.expected} is wanted`;
    case 'invalid_value':
      return choiceWords(issue.values);
    case 'too_big':
      return boundWords('at most', issue.origin, issue.maximum);
    case 'too_small':
      return boundWords('at least', issue.origin, issue.minimum);
    case 'invalid_format':
      return FORMS[issue.format] ?? 'not in the form that is wanted';
    case 'not_multiple_of':
      return `a multiple of ${issue.divisor} is wanted`;
    default:
      return 'not what is wanted here';
  }
}

// Schemas everywhere say it so; whoever tells faults has loaded this.
z.config({ customError: wordsOf });
