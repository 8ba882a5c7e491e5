import type { Zone } from '../piece';
import { isPluralZone, zoneNoun } from '../say';
import { HOUSE_TONGUE, lengthIn, listed, spelt, type Tongue } from '../words';
import { type GuardFinding, isRefused } from './guard';

const zoneWords = (zones: readonly Zone[]): string => listed(zones.map(zoneNoun));

/** For whoever dresses her: what it is, in a sentence. */
export function guardWords(
  { code, declared = '', named = '', measured, zones = [] }: GuardFinding,
  tongue: Tongue = HOUSE_TONGUE,
): string {
  switch (code) {
    case 'allergy':
      return `Ruled out: contains ${named}, and ${declared} is a declared allergy.`;
    case 'never':
      return `Ruled out: ${declared} is on the never list.`;
    case 'never-colour':
      return spelt('Ruled out: this colour is on the never list.', tongue);
    case 'may-contain':
      return `May contain ${declared} (${named}), a declared allergy. Ask the maker.`;
    case 'content':
      return `Nobody has entered what it is made of, and ${declared} is a declared allergy. Read the label.`;
    case 'may-be-never':
      return named
        ? `May contain ${declared}, which is on the never list. Read the label.`
        : `May be what is on the never list: ${declared}. Look at it.`;
    case 'not-to-send':
      return `The brief of this box says not to send ${declared}.`;
    case 'heel':
      return `The heel is above the limit: ${lengthIn(measured?.value ?? 0, tongue)}, and ${lengthIn(measured?.most ?? 0, tongue)} is the most.`;
    case 'open-toe':
      return 'An open toe, against the stated limits.';
    case 'fibre':
    case 'metal':
      return `Contains ${named}; ${declared} is on the list to avoid.`;
    case 'bag':
      return `Heavier than the limit: ${measured?.value ?? 0} g, and ${measured?.most ?? 0} g is the most.`;
    case 'care':
      return 'It can’t be washed at home, and everything should be washable.';
    case 'care-unknown':
      return 'Nobody has entered how to wash it, and everything should be washable. Read the label.';
    case 'cover':
      return `Leaves the ${zoneWords(zones)} bare, and no look or closet piece covers ${zones.length === 1 && !zones.some(isPluralZone) ? 'it' : 'them'}.`;
  }
}

/** For whoever packs: that it is ruled out and what is in it, nothing of the person. */
export const packerWords = (found: readonly GuardFinding[]): string | undefined => {
  const refused = found.find(isRefused);
  if (refused) return refused.named ? `Ruled out: contains ${refused.named}` : 'Ruled out: ask the stylist';
  return found.length > 0 ? 'Ask the stylist before you pack it' : undefined;
};
