import { chroma, colourName, colourNamed, deltaE, lab } from '../../colour';
import { memo, memoByText } from '../../memo';
import type { Worn, Zone } from '../../piece';
import { read, zonesNamed } from '../../reading';
import { isToldWhole, neversMet } from '../cover/nevers';
import { isOpenToed } from '../fields';

/** What a word of a code is about, as people type it. */
export type CodeWord =
  /** Parts of the body: "shoulders", "No bare upper arms", "covered knees". */
  | { readonly about: 'cover'; readonly zones: readonly Zone[] }
  | { readonly about: 'all black' }
  /** A colour, where enough of it shows. */
  | { readonly about: 'colour'; readonly has: (hex: string) => boolean }
  /** A kind, a cloth, a cut, a height of heel: whatever a piece has or has not. */
  | {
      readonly about: 'pieces';
      readonly has: (worn: Worn) => boolean;
      /** What satisfies who asks for it: a blazer is a jacket. */
      readonly does: (worn: Worn) => boolean;
    }
  /** Nothing that is entered of a piece tells it: it stands beside the looks for whoever dresses her. */
  | { readonly about: 'nothing entered' };

const ALL_BLACK =
  /^(?:all|only|entirely|head to toe)?[\s-]*(?:in[\s-]+)?black(?:[\s-]+(?:only|throughout|dress code))?$/;
const CLOSED_TOE =
  /^(?:no open[\s-]toe(?:d|s)?(?: shoes?)?|(?:closed|covered)[\s-](?:toe(?:d|s)?(?: shoes?)?|shoes?))$/;
/** White means white and its neighbours: at a wedding an ivory dress is a white dress. */
const WHITES: readonly string[] = ['white', 'ivory', 'cream'];

const isClosed = (worn: Worn): boolean => worn.slot === 'shoes' && !isOpenToed(worn);
const closedToe: CodeWord = { about: 'pieces', has: isClosed, does: isClosed };

/** A word of a code as the rules can check it, whatever its capitals and hyphens. */
export const codeWord = memoByText((word: string): CodeWord => {
  const said = word.trim().toLowerCase().replace(/\s+/g, ' ');
  if (said !== 'black' && ALL_BLACK.test(said)) return { about: 'all black' };
  if (CLOSED_TOE.test(said)) return closedToe;
  const zones = zonesNamed(said);
  if (zones.length > 0) return { about: 'cover', zones };
  const named = colourNamed(said.replace(/^no /, ''));
  if (named) {
    const wanted = lab(named.hex);
    const isWhite = WHITES.includes(named.name);
    return {
      about: 'colour',
      has: (hex) => {
        const colour = lab(hex);
        return isWhite
          ? colour.l > 88 && chroma(colour) < 16
          : colourName(hex) === named.name || deltaE(colour, wanted) < 10;
      },
    };
  }
  if (!isToldWhole(said)) return { about: 'nothing entered' };
  const { kinds } = read(said);
  const has = memo((worn: Worn): boolean => neversMet(worn, [said]).some(({ says }) => says === 'holds'));
  const does = (worn: Worn): boolean => {
    const { doesFor } = worn.facts;
    return has(worn) || (doesFor !== undefined && kinds.some((kind) => kind === doesFor));
  };
  return { about: 'pieces', has, does };
});

/** True where a rule can hold a look against the word. */
export const isCodeChecked = (word: string): boolean => codeWord(word).about !== 'nothing entered';
