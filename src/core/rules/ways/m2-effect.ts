import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { COMMON_PRACTICE, type Said, USUAL_WEIGHT } from '../rule';

/** What a way of wearing does to the look; the figure draws it and the proportion rules measure it. */
export interface Effect {
  /** Where the eye sees the waist. */
  readonly waist?: 'at the waistband' | 'at its own hem' | undefined;
  /** One long line down the front. */
  readonly vertical?: boolean | undefined;
  readonly text: string;
}

/** The effect of the way a piece is worn, or undefined when it is worn as it comes. */
export function effectOf(worn: Worn, all: readonly Worn[]): Effect | undefined {
  const { id } = worn.mode;
  switch (id) {
    case 'full-tuck':
    case 'front-tuck':
    case 'half-tuck':
      return worn.slot === 'top'
        ? { waist: 'at the waistband', text: `${worn.piece.title} tucked brings the waist to the waistband.` }
        : undefined;
    case 'knotted':
      return { waist: 'at the waistband', text: `The knot of ${worn.piece.title} makes a waist.` };
    case 'belted':
      return { waist: 'at the waistband', text: `Belted, ${worn.piece.title} makes a waist.` };
    case 'open':
      return all.some((other) => other.order < worn.order && other.facts.main)
        ? { vertical: true, text: `Left open, ${worn.piece.title} makes one long line.` }
        : undefined;
    case 'sleeves-rolled':
      return { text: `${worn.piece.title}: the sleeves end just below the elbow.` };
    case 'beneath':
      return all.some((other) => other.slot === 'top' && other !== worn)
        ? {
            waist: 'at its own hem',
            text: `${worn.piece.title} beneath: the hem of what is over it now draws the waist.`,
          }
        : undefined;
    default:
      return undefined;
  }
}

/** M2: what the way of wearing does to waist, hem, cover and line. */
export const effect = defineRule({
  id: 'M2',
  facet: 'M',
  title: 'Effect',
  question: 'What does this way of wearing do?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  evaluate: ({ pieces }) =>
    pieces.flatMap((worn): Said[] => {
      const found = effectOf(worn, pieces);
      return found ? [{ tone: 'works', pieces: [worn.piece.id], text: found.text }] : [];
    }),
  examples: [
    [
      {
        title: 'A shirt tucked all round',
        look: [
          { id: 'shirt', category: 'shirt', mode: 'full-tuck', colours: [{ hex: '#fbfbf9', share: 1 }] },
        ],
        expect: 'works',
      },
      {
        title: 'The same worn loose',
        look: [{ id: 'shirt', category: 'shirt', mode: 'untucked', colours: [{ hex: '#fbfbf9', share: 1 }] }],
        expect: 'silent',
      },
    ],
  ],
});
