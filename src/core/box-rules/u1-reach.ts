import { defineBoxRule } from './box-rule';
import { wear } from '../piece';
import { wording } from '../rules';
import { GOOD_LOOK, isAccessory } from './reach';

const words = wording({
  many: ({ looks }: { looks: number }, say) =>
    `${say.the()} ${say.verb('open')} ${say.number(looks, 'look')}.`,
  few: ({ looks }: { looks: number }, say) =>
    `${say.the()} ${say.verb('open')} only ${looks === 1 ? 'one look' : say.number(looks, 'look')}.`,
  serves: ({ occasion }: { occasion: string }, say) =>
    `${say.the()} ${say.verb('be')} for ${say.event(occasion)}, and does not have to do more.`,
  none: (_, say) => `${say.the()} ${say.verb('go')} with nothing in the box or the closet yet.`,
});

/** U1: how many looks each piece opens. */
export const reach = defineBoxRule({
  id: 'U1',
  title: 'Reach',
  question: 'How many looks does each piece open?',
  says: 'Complete, sendable and good looks with box and closet, told apart by main pieces, outer layer and shoes: enough of them works; fewer is a note; none at all fights.',
  thresholds: {
    clothes: {
      value: 3,
      unit: 'looks',
      says: 'Clothes earn their place from so many looks.',
      min: 1,
      max: 20,
    },
    accessories: { value: 5, unit: 'looks', says: 'Accessories from so many.', min: 1, max: 40 },
    good: { value: GOOD_LOOK, unit: 'points', says: 'A look counts from this score.', min: 40, max: 95 },
  },
  words,
  find: ({ lines, reach: counted, looks: made, occasions }, at) =>
    lines.map(({ piece }) => {
      const looks = counted.of(piece.id, at.good);
      const enough = isAccessory(piece) ? at.accessories : at.clothes;
      const measured = { value: looks, unit: 'looks', least: enough } as const;
      const pieces = [piece.id];
      if (looks >= enough) return { code: 'many', tone: 'works', pieces, measured, params: { looks } };
      // A wedding dress, a costume for one evening: what a look is made of for a stated occasion has its reason.
      const meant = made.find(
        ({ occasionId, pieces: worn }) => occasionId && worn.some(({ id }) => id === piece.id),
      );
      const occasion = occasions.find(({ id }) => id === meant?.occasionId)?.occasion;
      if (occasion && wear(piece).slot === 'whole')
        return { code: 'serves', tone: 'works', pieces, measured, params: { occasion: occasion.title } };
      return looks > 0
        ? { code: 'few', tone: 'note', pieces, measured, params: { looks } }
        : { code: 'none', tone: 'fights', pieces, measured };
    }),
});
