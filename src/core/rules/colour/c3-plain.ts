import { chroma, deltaEHex, hueApart, lab } from '../../colour';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import {
  type ColourFacts,
  fieldsOf,
  isChromatic,
  isMain,
  isPrint,
  isVivid,
  mainHex,
  mainsOf,
} from '../fields';
import { solid } from '../given';
import { isOneTone, TONE_FIELD } from './c4-tonal';
import { memo } from '../../memo';
import { above, type Count } from '../reads';
import type { Texture, Worn } from '../../piece';

const words = wording({
  strangers: (_, say) => `${say.the()} are two accents with nothing in common. Keep one.`,
  lift: (_, say) => `The rest is plain, and ${say.the()} ${say.verb('lift')} it.`,
  plain: () =>
    'Everything is plain. A print, one accent (a lipstick will do) or one strong piece would lift it.',
});

/** C3: plain main pieces want something that lifts them. */
export const plain = defineRule({
  id: 'C3',
  facet: 'C',
  title: 'Plain',
  question: 'When all is plain, does something lift it?',
  thresholds: {
    statement: {
      value: 2,
      unit: 'points',
      says: 'From this statement a piece lifts the look.',
      min: 1,
      max: 5,
    },
    chroma: { value: 25, unit: 'C*', says: 'Least chroma of an accent.', min: 10, max: 60 },
    apart: {
      value: 20,
      unit: 'ΔE',
      says: 'Least distance of an accent from the main pieces.',
      min: 8,
      max: 40,
    },
    least: { value: 0.02, unit: 'share', says: 'Least area of an accent.', min: 0.005, max: 0.1 },
    most: { value: 0.15, unit: 'share', says: 'Most area of an accent.', min: 0.05, max: 0.4 },
  },
  words,
  reads: (_given, at) => ({ tally: (pool) => tallyPlain(pool, at) }),
  find(scene, at) {
    const mains = mainsOf(scene);
    if (mains.length === 0 || mains.some(isPrint) || isOneTone(fieldsOf(scene, TONE_FIELD))) return [];
    const lifting = scene.pieces.find((worn) => worn.piece.statement >= at.statement);
    const found = liftOf(mains, lifting, (least) => fieldsOf(scene, least), at);
    return found ? [{ code: found.code, tone: TONE[found.code], pieces: ids(...found.worn) }] : [];
  },
  examples: [
    [
      {
        title: 'A sage tee and mauve trousers',
        look: [solid('tee', '#7a8f68', { statement: 0 }), solid('trousers', '#8c6a80', { statement: 0 })],
        expect: 'note',
      },
      {
        title: 'The same with a red belt',
        look: [
          solid('tee', '#7a8f68', { statement: 0 }),
          solid('trousers', '#8c6a80', { statement: 0 }),
          solid('belt', '#b3222e', { statement: 2 }),
        ],
        expect: 'works',
      },
    ],
  ],
});

const TONE = { strangers: 'note', lift: 'works', plain: 'note' } as const;

/** What C3 says of plain main pieces: two accents that are strangers, something that lifts them, or nothing that does. */
function liftOf(
  mains: readonly Worn[],
  lifting: Worn | undefined,
  reached: (least: number) => readonly ColourFacts[],
  at: Limits,
): { readonly code: keyof typeof TONE; readonly worn: readonly Worn[] } | undefined {
  const accents = accentsOf(reached(at.least), reached(above(at.most)), mains, at);
  const pair = strangers(accents, at.apart);
  if (pair) return { code: 'strangers', worn: pair.map(({ worn }) => worn) };
  const lift = accents[0]?.worn ?? lifting ?? tintOf(mains) ?? mains.find(isLift(at)) ?? contrastOf(mains);
  if (lift) return { code: 'lift', worn: [lift] };
  // One colour beside neutrals is lift enough, however quiet.
  return hasOneColour(reached(TONE_FIELD)) ? undefined : { code: 'plain', worn: [] };
}

interface Limits {
  readonly statement: number;
  readonly chroma: number;
  readonly apart: number;
  readonly least: number;
  readonly most: number;
}

/** Colours that are seen, are no large field, and stand apart from the main pieces. */
const accentsOf = (
  seen: readonly ColourFacts[],
  large: readonly ColourFacts[],
  mains: readonly Worn[],
  at: Limits,
): ColourFacts[] =>
  seen.filter(
    (facts) =>
      facts.chromatic &&
      facts.chroma >= at.chroma &&
      !large.includes(facts) &&
      mains.every((main) => main === facts.worn || deltaEHex(mainHex(main), facts.hex) >= at.apart),
  );

/** Two accents of two pieces that have nothing to do with each other. */
function strangers(
  accents: readonly ColourFacts[],
  apart: number,
): readonly [ColourFacts, ColourFacts] | undefined {
  for (const [i, one] of accents.entries()) {
    const other = accents
      .slice(i + 1)
      .find(({ worn, hex }) => worn !== one.worn && deltaEHex(one.hex, hex) > apart);
    if (other) return [one, other];
  }
  return undefined;
}

/** A large vivid field lifts by itself, and so does a cloth with a face of its own. */
const isLift =
  (at: Pick<Limits, 'chroma'>) =>
  (main: Worn): boolean =>
    main.seen.some(
      ({ hex, share }) => share >= 0.3 && isChromatic(main, { hex }) && isVivid(hex, at.chroma),
    ) ||
    PRONOUNCED.includes(main.piece.fabric.texture) ||
    main.piece.fabric.finish === 'sparkle';
const PRONOUNCED: readonly Texture[] = [
  'linen',
  'denim',
  'flannel',
  'cable',
  'boucle',
  'tweed',
  'corduroy',
  'velvet',
  'leather',
  'lace',
  'satin',
  'sequin',
  'fur',
];

/** One family of hue beside neutrals. */
const hasOneColour = (fields: readonly ColourFacts[]): boolean => {
  const coloured = fields.filter(({ chromatic }) => chromatic);
  return coloured.length > 0 && coloured.every(({ hue }) => hueApart(hue, coloured[0]?.hue ?? 0) <= 35);
};

/** Strong light against strong dark is enough of an event. */
const contrastOf = (mains: readonly Worn[]): Worn | undefined => {
  const pale = mains.find((main) => lab(mainHex(main)).l > 80);
  return pale && mains.some((main) => lab(mainHex(main)).l < 35) ? pale : undefined;
};

const isTint = memo((worn: Worn): boolean => {
  const colour = lab(mainHex(worn));
  const c = chroma(colour);
  return colour.l > 80 && c >= 8 && c <= 25;
});

/** A pale tint beside tailoring is enough of a lift. */
const tintOf = (mains: readonly Worn[]): Worn | undefined =>
  mains.find((main) => isTint(main) && mains.some((other) => other !== main && other.piece.structure >= 2));

/** The same counted over a pool. */
function tallyPlain(pool: readonly Worn[], at: Limits): Count {
  const main = Uint8Array.from(pool, (worn) => (isMain(worn) ? 1 : 0));
  const print = Uint8Array.from(pool, (worn) => (isMain(worn) && isPrint(worn) ? 1 : 0));
  const lifts = Uint8Array.from(pool, (worn) => (worn.piece.statement >= at.statement ? 1 : 0));
  return (look, says) => {
    const { picks, count } = look;
    let lifting: Worn | undefined;
    const mains: Worn[] = [];
    for (let i = 0; i < count; i++) {
      const p = picks[i] as number;
      if (print[p] === 1) return;
      if (main[p] === 1) mains.push(pool[p] as Worn);
      if (lifts[p] === 1) lifting ??= pool[p];
    }
    if (mains.length === 0 || isOneTone(look.reached(TONE_FIELD))) return;
    const found = liftOf(mains, lifting, (least) => look.reached(least), at);
    if (found) says[TONE[found.code]]++;
  };
}
