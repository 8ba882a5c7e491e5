import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { isPrint, oneIn } from '../fields';
import { solid } from '../given';
import { type Worn } from '../../piece';

const isCrown = ({ facts }: Worn): boolean => facts.crowns;
const isBusy = (worn: Worn): boolean =>
  worn.slot === 'scarf' || ((worn.slot === 'top' || worn.slot === 'whole') && isPrint(worn));

const words = wording({
  crown: (_, say) => `Beside ${say.the(1)}, choose studs rather than ${say.the(0)}.`,
  down: (_, say) => `${say.the(0)} will disappear in loose hair. Put the hair up, or go smaller.`,
  up: (_, say) => `With the hair up, ${say.the(0)} can be seen.`,
  busy: (_, say) => `${say.the(1)} ${say.verb('be', 1)} busy near the face. Choose smaller earrings.`,
});
type Said = FoundBy<typeof words>;

/** F4: long earrings want the hair up and the head bare. */
export const hairAndEars = defineRule({
  id: 'F4',
  facet: 'F',
  weight: TELLING_WEIGHT,
  title: 'Hair and ears',
  question: 'Can the earrings be seen, and do they have room?',
  thresholds: {
    down: { value: 20, unit: 'mm', says: 'Longest drop with the hair down.', min: 5, max: 60 },
    up: { value: 35, unit: 'mm', says: 'From this a drop is worth the hair up.', min: 15, max: 90 },
    head: { value: 10, unit: 'mm', says: 'Longest drop beside a headpiece.', min: 0, max: 40 },
  },
  words,
  reads: () => ({
    needs: ({ slot }) => slot === 'ears',
    of: (worn) => (worn.slot === 'ears' ? worn : isCrown(worn) ? 'crown' : isBusy(worn) ? 'busy' : undefined),
  }),
  find(scene, at) {
    const ears = oneIn(scene, 'ears');
    const drop = ears?.piece.cut.drop;
    if (!ears || drop === undefined) return [];
    const { hair } = scene.client;
    const said: Said[] = [];
    const measured = (most: number) => ({ value: drop, unit: 'mm', most }) as const;
    const head = scene.pieces.find(isCrown);
    if (head && drop > at.head)
      said.push({ code: 'crown', tone: 'note', pieces: ids(ears, head), measured: measured(at.head) });
    // Asked only where the ears are meant to be seen: jewels that are the focus, or a photograph.
    const meant = ears.piece.statement >= 3 || /photo|portrait|picture/i.test(scene.occasion?.title ?? '');
    if (hair === 'down' && drop > at.down && meant)
      said.push({ code: 'down', tone: 'note', pieces: ids(ears), measured: measured(at.down) });
    if (hair === 'up' && drop > at.up && !head) said.push({ code: 'up', tone: 'works', pieces: ids(ears) });
    const busy = scene.pieces.find(isBusy);
    if (busy && drop > at.down && hair !== 'down')
      said.push({ code: 'busy', tone: 'note', pieces: ids(ears, busy), measured: measured(at.down) });
    return said;
  },
  examples: [
    [
      {
        title: 'Long earrings that are the focus, with the hair down',
        look: [solid('earrings', '#c2a14e', { statement: 3, cut: { drop: 45 } })],
        client: { hair: 'down' },
        expect: 'note',
      },
      {
        title: 'The same with the hair up',
        look: [solid('earrings', '#c2a14e', { statement: 3, cut: { drop: 45 } })],
        client: { hair: 'up' },
        expect: 'works',
      },
    ],
  ],
});
