import { colourName, deltaEHex } from '../../colour';
import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { inSlot } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, type Said, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

/** Where a colour is seen beside the face. */
export const AT_THE_FACE = ['top', 'layer', 'whole', 'scarf', 'head', 'neck'] as const;

/** The colour of a card that a piece shows on enough of itself. */
export const onCard = (
  { seen }: Pick<Worn, 'seen'>,
  card: readonly string[],
  at: { readonly near: number; readonly share: number },
): string | undefined =>
  seen
    .filter(({ share }) => share >= at.share)
    .map(({ hex }) => card.find((each) => deltaEHex(each, hex) <= at.near))
    .find(Boolean);

/** C9: the client's own colour card, where it counts most: at the face. */
export const ownColours = defineRule({
  id: 'C9',
  facet: 'C',
  title: 'Own colours',
  question: 'What stands at the face, and does the client like it?',
  thresholds: {
    near: { value: 10, unit: 'ΔE', says: 'Within this a colour is the one on the card.', min: 4, max: 20 },
    share: { value: 0.1, unit: 'share', says: 'Least share of the piece.', min: 0.02, max: 0.5 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: false,
  source: COMMON_PRACTICE,
  reads: () => ALONE,
  evaluate(scene, at) {
    const { like, avoid, never } = scene.client.colourCard;
    const said: Said[] = [];
    const on = (worn: Worn, card: readonly string[]): string | undefined => onCard(worn, card, at);
    for (const worn of inSlot(scene, ...AT_THE_FACE)) {
      const [blocked, avoided, liked] = [on(worn, never), on(worn, avoid), on(worn, like)];
      const pieces = [worn.piece.id];
      if (blocked)
        said.push({
          tone: 'blocks',
          pieces,
          text: `${worn.piece.title}: ${colourName(blocked)} is on this client’s never list.`,
        });
      else if (avoided)
        said.push({
          tone: 'fights',
          pieces,
          text: `${worn.piece.title}: this client leaves out ${colourName(avoided)} at the face.`,
        });
      else if (liked)
        said.push({
          tone: 'works',
          pieces,
          text: `${worn.piece.title} is in ${colourName(liked)}, a colour this client likes.`,
        });
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A fuchsia blouse for a client who never wears fuchsia',
        look: [solid('blouse', '#b52a72')],
        client: { colourCard: { like: [], avoid: [], never: ['#b52a72'] } },
        expect: 'blocks',
      },
      {
        title: 'The same blouse for one who loves it',
        look: [solid('blouse', '#b52a72')],
        client: { colourCard: { like: ['#b52a72'], avoid: [], never: [] } },
        expect: 'works',
      },
    ],
  ],
});
