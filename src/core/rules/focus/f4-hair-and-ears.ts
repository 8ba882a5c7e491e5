import { defineRule } from '../define';
import { isPrint, oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { type Worn } from '../../piece';

const isCrown = ({ piece }: Worn): boolean => piece.category === 'headpiece' || piece.category === 'veil';
const isBusy = (worn: Worn): boolean =>
  worn.slot === 'scarf' || ((worn.slot === 'top' || worn.slot === 'whole') && isPrint(worn));

/** F4: long earrings want the hair up and the head bare. */
export const hairAndEars = defineRule({
  id: 'F4',
  facet: 'F',
  title: 'Hair and ears',
  question: 'Can the earrings be seen, and do they have room?',
  thresholds: {
    down: { value: 20, unit: 'mm', says: 'Longest drop with the hair down.', min: 5, max: 60 },
    up: { value: 35, unit: 'mm', says: 'From this a drop is worth the hair up.', min: 15, max: 90 },
    head: { value: 10, unit: 'mm', says: 'Longest drop beside a headpiece.', min: 0, max: 40 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    needs: ({ slot }) => slot === 'ears',
    of: (worn) => (worn.slot === 'ears' ? worn : isCrown(worn) ? 'crown' : isBusy(worn) ? 'busy' : undefined),
  }),
  evaluate(scene, at) {
    const ears = oneIn(scene, 'ears');
    const drop = ears?.piece.cut.drop;
    if (!ears || drop === undefined) return [];
    const { hair } = scene.client;
    const said: Said[] = [];
    const pieces = [ears.piece.id];
    const measured = `drop ${drop} mm`;
    const head = scene.pieces.find(isCrown);
    if (head && drop > at.head)
      said.push({
        tone: 'note',
        pieces: [...pieces, head.piece.id],
        measured: `${measured}; up to ${at.head} mm beside a headpiece`,
        text: `${named(ears)} beside ${named(head)}: studs leave the head its place.`,
      });
    if (hair === 'down' && drop > at.down)
      said.push({
        tone: 'note',
        pieces,
        measured: `${measured}; up to ${at.down} mm with the hair down`,
        text: `${named(ears)} will be lost in hair worn down; put it up, or choose smaller.`,
      });
    if (hair === 'up' && drop > at.up && !head)
      said.push({ tone: 'works', pieces, measured, text: `Hair up, and ${named(ears)} can be seen.` });
    const busy = scene.pieces.find(isBusy);
    if (busy && drop > at.down && hair !== 'down')
      said.push({
        tone: 'note',
        pieces: [...pieces, busy.piece.id],
        measured,
        text: `${named(busy)} near the face asks for small earrings.`,
      });
    return said;
  },
  examples: [
    [
      {
        title: 'Long earrings with the hair down',
        look: [solid('earrings', '#c2a14e', { cut: { drop: 45 } })],
        client: { hair: 'down' },
        expect: 'note',
      },
      {
        title: 'The same with the hair up',
        look: [solid('earrings', '#c2a14e', { cut: { drop: 45 } })],
        client: { hair: 'up' },
        expect: 'works',
      },
    ],
  ],
});
