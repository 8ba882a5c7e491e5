import { deltaEHex } from '../../colour';
import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { inSlot } from '../fields';
import { solid } from '../given';
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

const words = wording({
  never: ({ hex }: { hex: string }, say) =>
    `${say.they('never wear')} ${say.colour(hex)} near the face: leave out ${say.the()}.`,
  avoid: ({ hex }: { hex: string }, say) =>
    `${say.they('avoid')} ${say.colour(hex)} near the face, and ${say.the()} ${say.verb('come')} close to it.`,
  like: ({ hex }: { hex: string }, say) =>
    `${say.they('like')} ${say.colour(hex)} near the face, and ${say.the()} ${say.verb('bring')} it there.`,
});
type Said = FoundBy<typeof words>;

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
  mayOverrule: false,
  words,
  reads: () => ALONE,
  find(scene, at) {
    const { like, avoid, never } = scene.client.colourCard;
    const said: Said[] = [];
    const on = (worn: Worn, card: readonly string[]): string | undefined => onCard(worn, card, at);
    for (const worn of inSlot(scene, ...AT_THE_FACE)) {
      const [blocked, avoided, liked] = [on(worn, never), on(worn, avoid), on(worn, like)];
      const pieces = [worn.piece.id];
      if (blocked) said.push({ code: 'never', tone: 'blocks', pieces, params: { hex: blocked } });
      else if (avoided) said.push({ code: 'avoid', tone: 'fights', pieces, params: { hex: avoided } });
      else if (liked) said.push({ code: 'like', tone: 'works', pieces, params: { hex: liked } });
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
