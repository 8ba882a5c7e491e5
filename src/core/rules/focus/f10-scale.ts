import { measure } from '../../piece';
import { defineRule } from '../define';
import { knowsBody, oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { wholeIn } from '../reads';

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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (given) => (knowsBody(given) ? { of: wholeIn('watch', 'bag') } : 'nothing'),
  evaluate(scene, at) {
    if (!knowsBody(scene)) return [];
    const said: Said[] = [];
    const { body } = scene;
    const watch = oneIn(scene, 'watch');
    const face = watch && measure(watch, 'caseMm');
    if (watch && face && face.origin !== 'defaulted' && face.mm > body.upperArm * at.watch)
      said.push({
        tone: 'note',
        pieces: [watch.piece.id],
        measured: `case ${face.mm} mm; up to ${Math.round(body.upperArm * at.watch)} mm here`,
        text: `${named(watch)} is large on this wrist.`,
      });
    const bag = oneIn(scene, 'bag');
    const wide = bag && measure(bag, 'width');
    if (bag && wide && wide.origin !== 'defaulted' && wide.mm > body.heightMm * at.bag)
      said.push({
        tone: 'note',
        pieces: [bag.piece.id],
        measured: `${wide.mm} mm wide; up to ${Math.round(body.heightMm * at.bag)} mm here`,
        text: `${named(bag)} is large beside this frame.`,
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
