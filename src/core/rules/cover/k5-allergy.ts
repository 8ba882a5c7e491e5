import type { Worn } from '../../piece';
import { allergensOf, contentOf } from '../../substances';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ALONE } from '../reads';

const words = wording({
  holds: ({ named, declared }: { named: string; declared: string }, say) =>
    `${say.the()} ${say.verb('contain')} ${named}, and ${declared} is a declared allergy.`,
  may: ({ named, declared }: { named: string; declared: string }, say) =>
    `${say.the()} may contain ${declared} (${named}), a declared allergy. Ask the maker.`,
  unknown: ({ declared }: { declared: string }, say) =>
    `Nobody has entered what ${say.the()} ${say.verb('be')} made of, and ${declared} is a declared allergy. Read the label.`,
});
type Said = FoundBy<typeof words>;

/** K5: a declared allergy stops a piece; unknown content warns. */
export const allergy = defineRule({
  id: 'K5',
  facet: 'K',
  title: 'Allergy',
  question: 'Does anything here touch a declared allergy?',
  mayOverrule: false,
  source: 'The client states it; content as the label states it. The app gives no medical advice.',
  words,
  reads: () => ALONE,
  find: ({ pieces, client }) =>
    allergensOf(client.allergies).flatMap((allergen) => pieces.flatMap((worn) => check(worn, allergen))),
  examples: [
    [
      {
        title: 'Earrings with nickel for a client allergic to nickel',
        look: [
          {
            id: 'earrings',
            category: 'earrings',
            metal: 'white',
            metalContent: ['nickel'],
            colours: [{ hex: '#b9bcc0', share: 1 }],
          },
        ],
        client: { allergies: ['nickel'] },
        expect: 'blocks',
      },
      {
        title: 'The same, sold as nickel-free',
        look: [
          {
            id: 'earrings',
            category: 'earrings',
            metal: 'white',
            metalContent: ['nickel-free'],
            colours: [{ hex: '#b9bcc0', share: 1 }],
          },
        ],
        client: { allergies: ['nickel'] },
        expect: 'silent',
      },
    ],
  ],
});

function check({ piece }: Worn, { declared, meant }: ReturnType<typeof allergensOf>[number]): Said[] {
  const content = contentOf(piece, meant);
  const pieces = [piece.id];
  switch (content.says) {
    case 'holds':
      return [
        {
          code: 'holds',
          tone: 'blocks',
          pieces,
          params: { named: content.named, declared },
        },
      ];
    case 'may':
      return [
        {
          code: 'may',
          tone: 'fights',
          cannotTell: true,
          pieces,
          params: { named: content.named, declared },
        },
      ];
    case 'unknown':
      return [
        {
          code: 'unknown',
          tone: 'fights',
          cannotTell: true,
          pieces,
          params: { declared },
        },
      ];
    case 'clear':
      return [];
  }
}
