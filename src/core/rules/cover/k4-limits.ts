import { isOpenToed } from '../fields';
import type { Limits } from '../../client';
import type { Worn } from '../../piece';
import { allergenOf, fibresIn, meets as substanceIn } from '../../substances';
import { defineRule } from '../define';
import { type FoundBy, type Measured, wording } from '../finding';
import { solid } from '../given';
import { ids } from '../rule';
import { type Scene } from '../scene';
import { ALONE } from '../reads';
import { neversMet } from './nevers';

const words = wording({
  never: ({ word }: { word: string }, say) => `${say.they('never wear')} ${word}: leave out ${say.the()}.`,
  'may-be-never': ({ word, isLabel }: { word: string; isLabel: boolean }, say) =>
    isLabel
      ? `${say.the()} may contain ${word}, which ${say.they('never wear')}. Read the label.`
      : `${say.the()} may be what ${say.they('never wear')}: ${word}. Look at it.`,
  heel: ({ mm, most }: { mm: number; most: number }, say) =>
    `A ${say.length(mm)} heel; ${say.they('wear')} ${say.length(most)} at most.`,
  lined: ({ named, declared }: { named: string; declared: string }, say) =>
    `${say.the()} ${say.verb('contain')} ${named}, and ${declared} is on the list to avoid; the lining keeps it off the skin.`,
  'open-toe': (_, say) => `${say.the()} ${say.verb('be')} open at the toe; ${say.they('wear')} closed shoes.`,
  content: ({ named, declared }: { named: string; declared: string }, say) =>
    `${say.the()} ${say.verb('contain')} ${named}, and ${declared} is on the list to avoid.`,
  bag: (_, say) => `${say.the()} ${say.verb('be')} heavier than ${say.they('carry')}.`,
  care: (_, say) => `${say.the()} can’t be washed at home.`,
  'care-unknown': (_, say) =>
    `Nobody has entered how to wash ${say.the()}, and everything should be washable. Read the label.`,
});
type Said = FoundBy<typeof words>;

/** K4: heel, open toe, fibres, metals, bag weight, care, and what the client never wears. */
export const limits = defineRule({
  id: 'K4',
  facet: 'K',
  title: 'Limits',
  question: 'Does every piece keep to what the client can and will wear?',
  mayOverrule: false,
  words,
  reads: () => ALONE,
  find: (scene) => scene.pieces.flatMap((worn) => [...neverSaid(worn, scene), ...limitSaid(worn, scene)]),
  examples: [
    [
      {
        title: 'A 70 mm heel for a client whose limit is 40',
        look: [
          { id: 'heels', category: 'heel', colours: [{ hex: '#17171a', share: 1 }], measures: { heel: 70 } },
        ],
        client: { limits: { heelMaxMm: 40, avoidFibres: [], avoidMetals: [], washableOnly: false } },
        expect: 'fights',
      },
      {
        title: 'A heel of 35',
        look: [
          { id: 'heels', category: 'heel', colours: [{ hex: '#17171a', share: 1 }], measures: { heel: 35 } },
        ],
        client: { limits: { heelMaxMm: 40, avoidFibres: [], avoidMetals: [], washableOnly: false } },
        expect: 'silent',
      },
    ],
    [
      {
        title: 'An unlined wool jacket for a client who keeps wool off the skin',
        look: [solid('jacket', '#84868a', { fabric: { fibres: [{ name: 'wool', pct: 100 }] } })],
        client: { limits: { avoidFibres: ['wool'], avoidMetals: [], washableOnly: false } },
        expect: 'fights',
      },
      {
        title: 'The same with a lining',
        look: [solid('jacket', '#84868a', { fabric: { fibres: [{ name: 'wool', pct: 100 }], lined: true } })],
        client: { limits: { avoidFibres: ['wool'], avoidMetals: [], washableOnly: false } },
        expect: 'note',
      },
    ],
    [
      {
        title: 'Merino for a client who never wears wool',
        look: [
          {
            id: 'knit',
            category: 'fine-knit',
            colours: [{ hex: '#84868a', share: 1 }],
            fabric: { fibres: [{ name: 'merino', pct: 100 }] },
          },
        ],
        client: { nevers: ['wool'] },
        expect: 'blocks',
      },
      {
        title: 'The same in cotton',
        look: [
          {
            id: 'knit',
            category: 'fine-knit',
            colours: [{ hex: '#84868a', share: 1 }],
            fabric: { fibres: [{ name: 'cotton', pct: 100 }] },
          },
        ],
        client: { nevers: ['wool'] },
        expect: 'silent',
      },
    ],
  ],
});

function neverSaid(worn: Worn, { client }: Scene): Said[] {
  const { piece } = worn;
  return neversMet(worn, client.nevers).map(({ word, says, named }): Said =>
    says === 'holds'
      ? { code: 'never', tone: 'blocks', pieces: [piece.id], params: { word } }
      : {
          code: 'may-be-never',
          tone: 'fights',
          cannotTell: true,
          pieces: [piece.id],
          params: { word, isLabel: named !== undefined },
        },
  );
}

/** A limit of the client that a piece goes past. */
export interface LimitMet {
  readonly limit: 'heel' | 'open-toe' | 'fibre' | 'metal' | 'bag' | 'care' | 'care-unknown';
  /** What exactly is past what: another limit is another matter. */
  readonly about: string;
  /** What the client leaves out, and as the label says it. */
  readonly declared?: string | undefined;
  readonly named?: string | undefined;
  readonly measured?: Measured | undefined;
}

/** Limits of a client that a piece goes past. Heel in mm, bag in g; a care nobody entered is asked about. */
export function limitsMet(worn: Worn, at: Limits): LimitMet[] {
  const { piece, measures, slot } = worn;
  const met: LimitMet[] = [];
  const heel = measures.heel ?? 0;
  if (slot === 'shoes' && at.heelMaxMm !== undefined && heel > at.heelMaxMm)
    met.push({
      limit: 'heel',
      about: `${heel} > ${at.heelMaxMm}`,
      measured: { value: heel, unit: 'mm', most: at.heelMaxMm },
    });
  if (slot === 'shoes' && at.openToe === false && isOpenToed(worn))
    met.push({ limit: 'open-toe', about: 'open toe' });
  const fibres = fibresIn(piece);
  for (const declared of at.avoidFibres) {
    const meant = allergenOf(declared);
    const fibre = fibres.find(({ name }) => substanceIn(meant, name) === 'holds');
    if (fibre)
      met.push({
        limit: 'fibre',
        about: `${declared}: ${fibre.name}`,
        declared,
        named: `${fibre.pct} % ${fibre.name}`,
      });
  }
  for (const declared of at.avoidMetals) {
    const meant = allergenOf(declared);
    const named = piece.metalContent.find((name) => substanceIn(meant, name) === 'holds');
    if (named !== undefined) met.push({ limit: 'metal', about: `${declared}: ${named}`, declared, named });
  }
  const weight = piece.weightG ?? 0;
  if (slot === 'bag' && at.bagMaxG !== undefined && weight > at.bagMaxG)
    met.push({
      limit: 'bag',
      about: `${weight} > ${at.bagMaxG}`,
      measured: { value: weight, unit: 'g', most: at.bagMaxG },
    });
  if (at.washableOnly && worn.facts.main) {
    if (piece.care === undefined) met.push({ limit: 'care-unknown', about: 'care' });
    else if (piece.care !== 'machine' && piece.care !== 'hand')
      met.push({ limit: 'care', about: piece.care });
  }
  return met;
}

const limitSaid = (worn: Worn, { client }: Scene): Said[] =>
  limitsMet(worn, client.limits).map(({ limit, declared = '', named = '', measured }): Said => {
    const found = { tone: 'fights', pieces: ids(worn), measured } as const;
    switch (limit) {
      case 'heel':
        return {
          code: 'heel',
          ...found,
          params: { mm: measured?.value ?? 0, most: measured?.most ?? 0 },
        };
      case 'fibre':
        // A lining softens an itch; packing asks by name all the same.
        return worn.piece.fabric.lined
          ? { code: 'lined', ...found, tone: 'note', params: { named, declared } }
          : { code: 'content', ...found, params: { named, declared } };
      case 'metal':
        return { code: 'content', ...found, params: { named, declared } };
      case 'care-unknown':
        return { code: limit, ...found, tone: 'note', cannotTell: true };
      default:
        return { code: limit, ...found };
    }
  });
