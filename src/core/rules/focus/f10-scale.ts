import { measure } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { knowsBody, oneIn } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  watch: (_, say) => `${say.the()} ${say.verb('be')} large for this wrist.`,
  bag: (_, say) => `${say.the()} ${say.verb('be')} large for this frame.`,
});
type Said = FoundBy<typeof words>;

/** F10: watch, bag and hat in scale with the person. */
export const scale = defineRule({
  id: 'F10',
  facet: 'F',
  title: 'Scale',
  question: 'Are watch, bag and hat in scale with the person?',
  thresholds: {
    watch: { value: 0.145, unit: '× upper arm', says: 'Widest watch case.', min: 0.08, max: 0.3 },
    bag: { value: 0.24, unit: '× height', says: 'Widest bag.', min: 0.12, max: 0.4 },
  },
  words,
  reads: (given) => (knowsBody(given) ? { of: wholeIn('watch', 'bag') } : 'nothing'),
  find(scene, at) {
    if (!knowsBody(scene)) return [];
    const said: Said[] = [];
    const { body } = scene;
    const watch = oneIn(scene, 'watch');
    const face = watch && measure(watch, 'caseMm');
    if (watch && face && face.origin !== 'defaulted' && face.mm > body.upperArm * at.watch)
      said.push({
        code: 'watch',
        tone: 'note',
        pieces: ids(watch),
        measured: { value: face.mm, unit: 'mm', most: body.upperArm * at.watch },
      });
    const bag = oneIn(scene, 'bag');
    const wide = bag && measure(bag, 'width');
    if (bag && wide && wide.origin !== 'defaulted' && wide.mm > body.heightMm * at.bag)
      said.push({
        code: 'bag',
        tone: 'note',
        pieces: ids(bag),
        measured: { value: wide.mm, unit: 'mm', most: body.heightMm * at.bag },
      });
    return said;
  },
  examples: [
    [
      {
        title: 'A very wide bag on a small frame',
        look: [solid('bag', '#5f4331', { measures: { width: 480 } })],
        client: { measures: { heightMm: 1520 } },
        expect: 'note',
      },
      {
        title: 'A smaller bag',
        look: [solid('bag', '#5f4331', { measures: { width: 280 } })],
        client: { measures: { heightMm: 1520 } },
        expect: 'silent',
      },
    ],
  ],
});
