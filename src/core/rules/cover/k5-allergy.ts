import { sameSubstance, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type Said, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

const METALS = ['nickel', 'cobalt', 'chromium', 'copper'];

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

function check(worn: Worn, declared: string): Said[] {
  const { piece } = worn;
  const cloths = [piece.fabric, ...piece.parts.flatMap((part) => (part.fabric ? [part.fabric] : []))];
  const fibre = cloths.flatMap((cloth) => cloth.fibres).find(({ name }) => sameSubstance(declared, name));
  const blocks = (text: string): Said[] => [
    { tone: 'blocks', pieces: [piece.id], text: `${piece.title} ${text}` },
  ];
  if (fibre) return blocks(`holds ${fibre.name}; ${declared} is a declared allergy.`);
  if (!METALS.includes(declared.toLowerCase())) {
    const known = piece.fabric.fibres.length > 0 || worn.facts.shape === 'jewel';
    return known || !worn.facts.main
      ? []
      : [
          {
            tone: 'fights',
            cannotTell: true,
            pieces: [piece.id],
            text: `${piece.title}: its fibres are not known, and ${declared} is a declared allergy. Read the label.`,
          },
        ];
  }
  const metal = piece.metalContent.find((name) => sameSubstance(declared, name));
  if (metal) return blocks(`holds ${metal}; ${declared} is a declared allergy.`);
  const bare =
    piece.metal !== 'none' && (piece.metalContent.length === 0 || piece.metalContent.includes('unknown'));
  return bare
    ? [
        {
          tone: 'fights',
          cannotTell: true,
          pieces: [piece.id],
          text: `${piece.title}: its metal is not known, and ${declared} is a declared allergy. Ask the maker.`,
        },
      ]
    : [];
}
