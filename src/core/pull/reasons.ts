import { type Fit, fitInShort } from '../fit';
import { capital, coded, type CodedBy, eitherOf, HOUSE_TONGUE, saidOf, spelt, type Tongue } from '../words';

type Named = { readonly name: string };

/** What is said for or against a candidate, code by code. */
const words = coded({
  fit: ({ fit }: { fit: Fit }, tongue) => fitInShort(fit, tongue),
  'over-budget': () => 'Over what is left of the budget',
  'well-within-budget': () => 'Well within budget',
  'within-budget': () => 'Within budget',
  'liked-colour': (_, tongue) => spelt('In a colour this client likes', tongue),
  'avoided-colour': (_, tongue) => spelt('In a colour this client avoids', tongue),
  'never-colour': (_, tongue) => spelt('In a colour this client never wears', tongue),
  mood: ({ mood }: { mood: string }) => `${capital(mood)}, as the brief asks`,
  twin: ({ title }: { title: string }) => `Nearly the same as ${title}, already owned`,
  sister: ({ title }: { title: string }) => `Sister of ${title}, a loved piece`,
  fastens: ({ title }: { title: string }) => `Fastens to ${title}, already owned`,
  'wrong-formality': () => 'Wrong formality for the occasions',
  occasion: ({ title }: { title: string }) => `Works for ${title}`,
  occasions: ({ count }: { count: number }) => `Works for ${count} of the occasions`,
  'came-back': ({ title, reason }: { title: string; reason?: string | undefined }) =>
    `${title} came back: ${reason ?? 'no reason given'}`,
  'came-back-sized': ({ reason, size }: { reason: string; size: string }) =>
    `Came back in ${size}: ${reason}; this is another size`,
  'shares-reason': ({ title, reason }: { title: string; reason: string }) =>
    `Like ${title}, which came back: ${reason}`,
  'sister-of-kept': ({ title }: { title: string }) => `Sister of ${title}, which was kept`,
  'kept-label': () => 'Has kept this label before',
  'sent-label-back': ({ reason }: { reason?: string | undefined }) =>
    `Sent this label back before: ${reason ?? 'no reason given'}`,
  'keeps-kind': ({ count }: { count: number }) => `Has kept all ${count} of this kind`,
  'last-one': () => 'Last one in this size',
  depth: ({ count }: { count: number }) => `${count} of this size on the shelf`,
  interest: ({ days, margin }: { days?: number | undefined; margin?: number | undefined }) =>
    `For the shop: ${[
      days === undefined ? '' : `${days} ${days === 1 ? 'day' : 'days'} in the shop`,
      margin === undefined ? '' : `a margin of ${Math.round(margin * 100)} %`,
    ]
      .filter(Boolean)
      .join(', ')}`,
  // Of the ask.
  kind: () => 'The kind asked for',
  'as-coloured': ({ name }: Named) => `In ${name}, as asked`,
  'not-coloured': ({ names }: { names: readonly string[] }, { english }) =>
    `Not in ${eitherOf(names, english)}`,
  plain: () => 'Plain, as asked',
  'not-plain': () => 'Patterned',
  pattern: ({ name }: Named) => `The ${name} asked for`,
  'no-pattern': ({ name }: Named) => `No ${name}`,
  texture: ({ name }: Named) => `In ${name}, as asked`,
  'not-texture': ({ name }: Named) => `Not ${name}`,
  fibre: ({ name }: Named) => `In ${name}, as asked`,
  'no-fibre': ({ name }: Named) => `No ${name}`,
  cut: () => 'Cut as asked',
  'other-cut': () => 'Another cut than was asked for',
  length: ({ name }: Named) => `${capital(name)} length, as asked`,
  'other-length': ({ name }: Named) => `${capital(name)} length, another than was asked for`,
  volume: () => 'As loose or close as asked',
  covers: () => 'Covers what was asked',
  bares: () => 'Leaves bare what should be covered',
  waterproof: () => 'Fine in the wet',
  'not-waterproof': () => 'Not for wet weather',
  'no-iron': () => 'No ironing needed',
  irons: () => 'Needs ironing',
  steams: () => 'Wants steaming',
  machine: () => 'Machine washable',
  'not-machine': () => 'Not machine washable',
  care: () => 'Cared for as asked',
  'other-care': () => 'Wants other care',
  season: ({ name }: Named) => `For ${name}`,
  'not-season': ({ name }: Named) => `Not for ${name}`,
  formality: () => 'As dressed up as asked',
  'other-formality': () => 'More or less dressed up than was asked',
  'over-ask': () => 'Over what the ask may cost',
  'below-ask': () => 'Below the price given',
});

/** Something said for or against a candidate, as data. */
export type Said = CodedBy<typeof words>;

/** The same as a reader is told. */
export const reasonWords = (said: Said, tongue: Tongue = HOUSE_TONGUE): string => saidOf(words, said, tongue);

/** True when two say the same of whatever they are said of. */
export const isSameSaid = (a: Said, b: Said): boolean =>
  a.code === b.code && JSON.stringify(a.params) === JSON.stringify(b.params);
