import type { Worn } from '../../piece';
import { contentOf } from '../../substances';
import { defineRule } from '../define';
import { type Said, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

/** K5: a declared allergy stops a piece; unknown content warns. */
export const allergy = defineRule({
  id: 'K5',
  facet: 'K',
  title: 'Allergy',
  question: 'Does anything here touch a declared allergy?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: false,
  source: 'The client states it; content as the label states it. The app gives no medical advice.',
  reads: () => ALONE,
  evaluate: ({ pieces, client }) =>
    client.allergies.flatMap((declared) => pieces.flatMap((worn) => check(worn, declared))),
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

function check({ piece }: Worn, declared: string): Said[] {
  const content = contentOf(piece, declared);
  const pieces = [piece.id];
  switch (content.says) {
    case 'holds':
      return [
        {
          tone: 'blocks',
          pieces,
          text: `${piece.title} contains ${content.named}; ${declared} is a declared allergy.`,
        },
      ];
    case 'may':
      return [
        {
          tone: 'fights',
          cannotTell: true,
          pieces,
          text: `${piece.title} may contain ${declared} (${content.named}), a declared allergy. Ask the maker.`,
        },
      ];
    case 'unknown':
      return [
        {
          tone: 'fights',
          cannotTell: true,
          pieces,
          text: `Nobody has entered what ${piece.title} is made of, and ${declared} is a declared allergy. Read the label.`,
        },
      ];
    case 'clear':
      return [];
  }
}
