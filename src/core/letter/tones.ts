import { dayInWords } from '../schedule';
import { isPlural, sayOf, type Speaker } from '../say';
import { capital, countWord, listed, type Tongue, uncapital } from '../words';
import type { Tone } from './style';

/** How many pieces of a box go with something its client owns. */
export type Joins = 'all' | 'most' | 'some';

interface Greeting {
  readonly first: string;
  readonly count: number;
  /** " for your lecture and the supper", or nothing. */
  readonly forWhat: string;
  readonly joins: Joins;
}

/** "Dear Hester, here are three pieces for your lecture on the fjord ship. Each goes with something you own." */
export function greetingIn(tone: Tone, { first, count, forWhat, joins }: Greeting): string {
  if (count === 0) return `${HELLO[tone](first)}${tone === 'chatty' ? '!' : ','}`;
  const pieces = `${countWord(count)} ${count === 1 ? 'piece' : 'pieces'}${forWhat}`;
  const goes = count === 1 ? JOINS[tone].one : JOINS[tone][joins];
  const opens: Readonly<Record<Tone, string>> = {
    crisp: `${first}, ${pieces}.`,
    warm: `Dear ${first}, here ${count === 1 ? 'is' : 'are'} ${pieces}.`,
    chatty: `Hello ${first}! I’ve packed ${pieces}.`,
  };
  return [opens[tone], count === 1 && joins !== 'all' ? '' : goes].filter(Boolean).join(' ');
}

const HELLO: Readonly<Record<Tone, (first: string) => string>> = {
  crisp: (first) => first,
  warm: (first) => `Dear ${first}`,
  chatty: (first) => `Hello ${first}`,
};
const JOINS: Readonly<Record<Tone, Readonly<Record<Joins | 'one', string>>>> = {
  crisp: {
    one: 'It goes with your own.',
    all: 'All go with your own.',
    most: 'Most go with your own.',
    some: '',
  },
  warm: {
    one: 'It goes with what you own.',
    all: 'Each goes with something you own.',
    most: 'Most go with something you own.',
    some: '',
  },
  chatty: {
    one: 'It gets on with what hangs in your closet already.',
    all: 'Every one of them gets on with something in your closet.',
    most: 'Most of them get on with something in your closet.',
    some: '',
  },
};

const headOf = (ask: string): string => ask.split(/\s+(?:for|to|with|that|you|under|over|in)\b/)[0] ?? '';

/** True for an ask of more than one, or of a pair: "boots". */
export const asksForMany = (ask: string): boolean => isPlural(headOf(ask));

/** Ways to begin with an ask, taken in turn so that no pattern comes back often; long ones are quoted whole. */
export function askedIn(tone: Tone, ask: string, turn: number): string {
  const head = headOf(ask);
  const isShort = ask.split(/\s+/).length <= 5 && !/\byou\b|^(some|any)thing\b/i.test(ask);
  const thing = ask.replace(/^(an?|the|some)\s+/i, '');
  const begins: Readonly<Record<Tone, readonly string[]>> = {
    crisp: [
      ...(isShort ? [`The ${thing} you asked for.`] : []),
      `You asked for ${ask}.`,
      `For “${uncapital(ask)}”.`,
    ],
    warm: [
      ...(isShort ? [`Here ${isPlural(head) ? 'are' : 'is'} the ${thing} you asked for.`] : []),
      `You asked for ${ask}.`,
      `This is for “${uncapital(ask)}”.`,
    ],
    chatty: [
      ...(isShort ? [`${isPlural(head) ? 'Here are' : 'Here’s'} the ${thing} you were after.`] : []),
      `You wanted ${ask}: this is my answer.`,
      `Remember “${uncapital(ask)}”? That’s what this is for.`,
    ],
  };
  return begins[tone][turn % begins[tone].length] ?? '';
}

/** "trousers" of "black cotton trousers". */
const lastWord = (name: string): string => name.split(' ').at(-1) ?? name;

interface Join {
  /** As the client asked for it: "shoes" are them, though the piece is called a loafer. */
  readonly isMany: boolean;
  readonly owned: readonly string[];
  /** The same were named of a piece before. */
  readonly isSame: boolean;
}

/** What of the client's own a piece goes with, named once in a letter. `owned`: their ids. */
export function joinIn(
  tone: Tone,
  id: string,
  { isMany, owned, isSame }: Join,
  by: Speaker,
  turn: number,
): string {
  const says = sayOf(by, isMany ? [id, id] : [id]);
  const verb = (base: string): string => says.verb(base);
  const [they, them] = says.it() === 'them' ? ['They', 'them'] : ['It', 'it'];
  const own = isSame
    ? `the same ${owned.length === 1 ? lastWord(by.bare(owned[0] ?? '')) : countWord(owned.length)}`
    : `your ${listed(owned.map(by.bare), by.tongue.english)}`;
  const words: Readonly<Record<Tone, readonly string[]>> = {
    crisp: [`Wear ${them} with ${own}.`, `${they} ${verb('go')} with ${own}.`, `With ${own}.`],
    warm: [
      `${they} ${verb('go')} with ${own}.`,
      `Wear ${them} with ${own}.`,
      `${they} ${verb('join')} ${own}.`,
    ],
    chatty: [
      `${they} ${verb('get')} on with ${own}.`,
      `Try ${them} with ${own} first.`,
      `I’d put ${them} with ${own}.`,
    ],
  };
  return words[tone][turn % 3] ?? '';
}

/** The one braver choice says that it is, and what calms it. `calm`: names of quiet pieces of the client's own. */
export function braverIn(tone: Tone, calm: readonly string[]): string {
  const own = calm.length > 0 ? `your ${listed(calm)}` : undefined;
  const says: Readonly<Record<Tone, string>> = {
    crisp: `The braver one. ${own ? `${capital(own)} will calm it down.` : 'Keep the rest plain.'}`,
    warm: `This is the braver one. ${
      own
        ? `For a calmer day, wear it with ${own} and nothing louder.`
        : 'For a calmer day, keep everything else plain.'
    }`,
    chatty: `I’ve been a little brave with this one. ${
      own ? `On a quiet day ${own} will calm it down.` : 'On a quiet day keep everything else plain.'
    }`,
  };
  return says[tone];
}

/** Said of a piece of which nothing else is known. */
export const PLAIN_WHY: Readonly<Record<Tone, string>> = {
  crisp: 'A piece to build on.',
  warm: 'A piece to build on.',
  chatty: 'One to build on: see what you would wear with it.',
};

/** The last lines: until when to decide, and who signs. */
export function closingIn(
  tone: Tone,
  {
    decideBy,
    silentKeepDays,
    shopName,
    signature,
  }: {
    decideBy?: string | undefined;
    /** Days after the day to send back from which what nobody answered is kept; absent: silence is no answer. */
    silentKeepDays?: number | undefined;
    shopName: string;
    signature: string;
  },
  tongue: Tongue | undefined,
): string {
  const day = decideBy && dayInWords(decideBy, tongue);
  const says: Readonly<Record<Tone, string>> = {
    crisp: `Please decide by ${day}.`,
    warm: `Let us know what you’re keeping by ${day}.`,
    chatty: `Try it all on, take your time, and tell us by ${day} what’s staying.`,
  };
  const signed = signature.trim() === '' ? `Yours, ${shopName}` : signature.trim();
  const between = signature.includes('\n') ? '\n' : ' ';
  const silent =
    silentKeepDays === undefined
      ? ''
      : `Please tell us even if you’re keeping everything: anything we haven’t heard about counts as kept ${silentKeepDays === 1 ? 'a day' : `${silentKeepDays} days`} after it was due back.`;
  return [day ? says[tone] : '', silent, signed].filter(Boolean).join(between);
}
