import { isTucked, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';

/** What a way of wearing does to the look; the figure draws it and the proportion rules measure it. */
export interface Effect {
  /** Where the eye sees the waist. */
  readonly waist?: 'at the waistband' | 'at its own hem' | undefined;
  /** One long line down the front. */
  readonly vertical?: boolean | undefined;
  readonly code:
    | 'tucked'
    | 'knotted'
    | 'belted'
    | 'open'
    | 'rolled'
    | 'beneath'
    | 'pressed'
    | 'wrapped'
    | 'wrapped-low'
    | 'wrapped-back';
}

/** The effect of the way a piece is worn, or undefined when it is worn as it comes. */
export function effectOf(worn: Worn, all: readonly Worn[]): Effect | undefined {
  const { waist, front, sleeves, as, press, wrapped } = worn.effects;
  if (isTucked(worn)) return worn.slot === 'top' ? { waist: 'at the waistband', code: 'tucked' } : undefined;
  if (waist) return { waist: 'at the waistband', code: waist };
  if (front === 'open')
    return all.some((other) => other.order < worn.order && other.facts.main)
      ? { vertical: true, code: 'open' }
      : undefined;
  if (sleeves) return { code: 'rolled' };
  if (wrapped === 'low') return { code: 'wrapped-low' };
  if (wrapped === 'back') return { code: 'wrapped-back' };
  if (wrapped) return { waist: 'at the waistband', code: 'wrapped' };
  if (press) return { code: 'pressed' };
  if (as === 'beneath')
    return all.some((other) => other.slot === 'top' && other !== worn)
      ? { waist: 'at its own hem', code: 'beneath' }
      : undefined;
  return undefined;
}

const words = wording({
  tucked: (_, say) => `Tucked in, ${say.the()} ${say.verb('mark')} the waist.`,
  knotted: (_, say) => `The knot of ${say.the()} makes a waist.`,
  belted: (_, say) => `Belted, ${say.the()} ${say.verb('make')} a waist.`,
  open: (_, say) => `Worn open, ${say.the()} ${say.verb('make')} one long line.`,
  rolled: (_, say) => `The sleeves of ${say.the()} end just below the elbow.`,
  wrapped: (_, say) =>
    `Tied at the waist, ${say.the()} ${say.verb('make')} one and ${say.verb('open')} the neck.`,
  'wrapped-low': (_, say) => `Tied low, ${say.the()} ${say.verb('lengthen')} the body.`,
  'wrapped-back': (_, say) => `Back to front, ${say.the()} ${say.verb('be')} plain in front and bare behind.`,
  pressed: (_, say) => `Pressed, ${say.the()} ${say.verb('look')} a step smarter.`,
  beneath: (_, say) => `With ${say.the()} beneath, the hem of the top marks the waist.`,
});
type Said = FoundBy<typeof words>;

/** M2: what the way of wearing does to waist, hem, cover and line. */
export const effect = defineRule({
  id: 'M2',
  facet: 'M',
  title: 'Effect',
  question: 'What does this way of wearing do?',
  words,
  find: ({ pieces }) =>
    pieces.flatMap((worn): Said[] => {
      const found = effectOf(worn, pieces);
      return found ? [{ code: found.code, tone: 'works', pieces: ids(worn) }] : [];
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
