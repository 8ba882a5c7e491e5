import { nextStaple, STAPLE_NEAR } from '../closet';
import { defineBoxRule } from './box-rule';
import { wording } from '../rules';

const words = wording({
  next: ({ staple }: { staple: string }, say) => `Missing from the closet: ${say.word(staple)}.`,
});

/** U9: the staple the closet wants next. */
export const ladder = defineBoxRule({
  id: 'U9',
  title: 'Ladder',
  question: 'Which staple is missing from the closet?',
  says: 'The first piece of the shop’s list of staples that is neither in the closet nor in the box.',
  thresholds: {
    near: {
      value: STAPLE_NEAR,
      unit: 'ΔE',
      says: 'Nearer than this a piece stands for a staple.',
      min: 5,
      max: 40,
    },
  },
  words,
  find: ({ closet, lines }, at) => {
    const next = nextStaple([...closet, ...lines.map(({ piece }) => piece)], at.near);
    return next
      ? [
          {
            code: 'next',
            tone: 'note',
            pieces: [],
            params: { staple: (next.title ?? '').toLowerCase() },
          },
        ]
      : [];
  },
});
