import { coded, type CodedBy, counted, HOUSE_TONGUE, saidOf, type Tongue } from '../words';
import type { Deed, Stake } from './deeds';

type Counted = { readonly count: number };
const pieces = (count: number): string => counted(count, 'piece');

/** How a box stands, code by code. */
const words = coded({
  'regular-box': () => 'Regular box: the brief is open.',
  'brief-open': () => 'The brief is open; nothing is pulled yet.',
  held: ({ count }: Counted) => `${pieces(count)} held, no letter yet.`,
  'nothing-held': () => 'Nothing is held yet.',
  'holds-end': ({ count }: Counted) =>
    count === 1 ? '1 held piece goes back to the shelf.' : `${count} held pieces go back to the shelf.`,
  written: () => 'The letter is written.',
  packed: () => 'Packed and waiting.',
  'with-client': ({ count }: Counted) => `${pieces(count)} ${count === 1 ? 'is' : 'are'} with the client.`,
  'came-back': ({ count }: Counted) => `${pieces(count)} came back.`,
  exchanged: ({ count }: Counted) => `${pieces(count)} to send in exchange.`,
  decided: () => 'Every piece is decided.',
});

/** How a box stands, as data. */
export type DeskWhat = CodedBy<typeof words>;
export const deskWhatWords = (what: DeskWhat, tongue: Tongue = HOUSE_TONGUE): string =>
  saidOf(words, what, tongue);

const VERBS: Readonly<Record<Deed, string>> = {
  send: 'Send',
  pack: 'Pack',
  style: 'Style',
  renew: 'Renew the hold',
  'check-in': 'Check in',
  ask: 'Ask for a decision',
  close: 'Close',
};
/** What somebody has to do, as a verb before a client's name. */
export const deedWords = (deed: Deed): string => VERBS[deed];

const LOST: Readonly<Record<Stake, string>> = {
  occasion: 'The day of the occasion',
  promise: 'The day it was promised for',
  pieces: 'The pieces',
  stock: 'The stock',
  'money and stock': 'The money and the stock',
  money: 'The money',
};
/** What is lost when a deed is late. */
export const stakeWords = (stake: Stake): string => LOST[stake];

/** How long there is: "2 days late", "Today", "In 5 days". */
export function clockWords({ left }: { readonly left?: number | undefined }): string {
  if (left === undefined) return 'No day set';
  if (left < 0) return left === -1 ? '1 day late' : `${-left} days late`;
  return left === 0 ? 'Today' : left === 1 ? 'Tomorrow' : `In ${left} days`;
}
