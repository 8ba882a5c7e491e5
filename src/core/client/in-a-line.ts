import { zoneNoun } from '../say';
import { type Tongue, lengthIn, listed } from '../words';
import { type Learned, learnedWords } from './learned';
import type { Profile } from './profile';

/** One thing about a client that must not be forgotten while a box is made; the first ones matter most. */
export interface ClientFact {
  readonly kind: 'allergy' | 'never' | 'limit' | 'cover' | 'size' | 'back';
  readonly label: string;
  readonly text: string;
}

/**
 * What stands over every step of a box: allergies and nevers first, then limits and cover, then the measures, then what the
 * last box taught. What nobody said is left out.
 */
export function clientFacts(
  { allergies, nevers, limits, cover, measures }: Profile,
  learned: readonly Learned[],
  tongue: Tongue,
): ClientFact[] {
  const facts: ClientFact[] = [];
  const add = (kind: ClientFact['kind'], label: string, text: string): void => {
    if (text !== '') facts.push({ kind, label, text });
  };
  add('allergy', 'Allergy', listed(allergies));
  add('never', 'Never', listed([...nevers, ...limits.avoidFibres, ...limits.avoidMetals]));
  add(
    'limit',
    'Limits',
    [
      limits.heelMaxMm === undefined ? '' : `heels to ${lengthIn(limits.heelMaxMm, tongue)}`,
      limits.openToe === false ? 'closed toes' : '',
      limits.washableOnly ? 'washable only' : '',
    ]
      .filter(Boolean)
      .join(', '),
  );
  add('cover', 'Covered', listed(cover.map(zoneNoun)));
  const { heightMm, bust, waist, hip } = measures;
  const girths = [bust, waist, hip].map((mm) => (mm === undefined ? '–' : lengthIn(mm, tongue)));
  add(
    'size',
    'Measures',
    [
      heightMm === undefined ? '' : lengthIn(heightMm, tongue),
      girths.every((girth) => girth === '–') ? '' : girths.join(' · '),
    ]
      .filter(Boolean)
      .join('; '),
  );
  add('back', 'Last time', learned[0] ? learnedWords(learned[0]) : '');
  return facts;
}
