import { colourName, deltaEHex, isNeutral, warmth } from '../../colour';
import { memo, memo2 } from '../../memo';
import type { Swatch, Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { isChromatic, isVivid } from '../fields';
import { metIn, pairTable, type Count } from '../reads';

const words = wording({
  echo: ({ colour }: { colour: string }, say) =>
    `${say.the(1)} ${say.verb('pick', 1)} up ${say.colourOf(0, say.word(colour))}.`,
  both: (_, say) =>
    `The print is picked up in its warm ${say.word('colours')} and in its cool ones; one of the two would be calmer.`,
  frame: (_, say) => `${say.the()} share one neutral and frame the look.`,
});
type Said = FoundBy<typeof words>;

interface Limits {
  readonly near: number;
  readonly leastShare: number;
  readonly vividShare: number;
  readonly vivid: number;
}

const sameSet = (a: Worn, b: Worn): boolean => a.piece.set !== undefined && a.piece.set === b.piece.set;

/** Colours of a piece that are seen and no neutrals. */
function accentsOf(worn: Worn, at: Limits): readonly Swatch[] {
  return worn.swatches.filter(
    (swatch) =>
      isChromatic(worn, swatch) &&
      swatch.share >= (isVivid(swatch.hex, at.vivid) ? at.vividShare : at.leastShare),
  );
}

/** The echo between two pieces, kept by pair: looks of one closet ask for the same pairs again and again. */
const echoesBy = memo((at: Limits) => {
  const accents = memo((worn: Worn) => accentsOf(worn, at));
  const echo = memo2((a: Worn, b: Worn): Said | null => {
    if (sameSet(a, b)) return null;
    for (const one of accents(a)) {
      for (const other of accents(b)) {
        if (Math.max(one.share, other.share) < at.leastShare) continue;
        const apart = deltaEHex(one.hex, other.hex);
        if (apart > at.near) continue;
        // What accompanies picks up a colour of what carries the look.
        const [first, second] = b.facts.main && !a.facts.main ? [b, a] : [a, b];
        return {
          code: 'echo',
          tone: 'works',
          pieces: ids(first, second),
          params: { colour: one.name ?? colourName(one.hex) },
          measured: { value: apart, unit: 'ΔE', most: at.near },
        };
      }
    }
    return null;
  });
  return { accents, echo };
});

/** C1: an accent comes back in another piece. */
export const echo = defineRule({
  id: 'C1',
  facet: 'C',
  title: 'Echo',
  question: 'Does an accent colour come back somewhere else?',
  thresholds: {
    near: { value: 12, unit: 'ΔE', says: 'Two swatches within this read as one colour.', min: 4, max: 25 },
    leastShare: {
      value: 0.03,
      unit: 'share',
      says: 'Least share of a piece a swatch takes to be seen.',
      min: 0.01,
      max: 0.3,
    },
    vividShare: { value: 0.01, unit: 'share', says: 'The same for a vivid swatch.', min: 0.005, max: 0.3 },
    vivid: { value: 40, unit: 'C*', says: 'From this chroma a swatch is vivid.', min: 20, max: 80 },
  },
  words,
  reads: (_given, at) => ({ tally: (pool) => tallyEchoes(pool, at) }),
  find({ pieces }, at) {
    const { accents, echo } = echoesBy(at);
    const said: Said[] = [];
    const coloured = pieces.filter((worn) => accents(worn).length > 0);
    coloured.forEach((one, i) => {
      for (let j = i + 1; j < coloured.length; j++) {
        const found = echo(one, coloured[j] as Worn);
        if (found) said.push(found);
      }
    });
    const both = said.length > 1 && said.find((finding) => echoesBothFamilies(finding, said, pieces));
    if (both) said.push({ code: 'both', tone: 'note', pieces: both.pieces });
    if (said.length === 0) said.push(...neutralPair(pieces, at.near));
    return said;
  },
  examples: [
    [
      {
        title: 'A rust scarf draws the rust out of a floral dress',
        look: [
          {
            id: 'dress',
            category: 'dress',
            colours: [
              { hex: '#1f3a4a', share: 0.8 },
              { hex: '#9c4a24', share: 0.2 },
            ],
            pattern: { kind: 'floral', repeatMm: 80, contrast: 0.5 },
          },
          { id: 'scarf', category: 'scarf', colours: [{ hex: '#9f4c26', share: 1 }] },
        ],
        expect: 'works',
      },
      {
        title: 'The same dress with a moss scarf',
        look: [
          {
            id: 'dress',
            category: 'dress',
            colours: [
              { hex: '#1f3a4a', share: 0.8 },
              { hex: '#9c4a24', share: 0.2 },
            ],
            pattern: { kind: 'floral', repeatMm: 80, contrast: 0.5 },
          },
          { id: 'scarf', category: 'scarf', colours: [{ hex: '#56663f', share: 1 }] },
        ],
        expect: 'silent',
      },
    ],
  ],
});

const isManyColoured = (worn: Worn): boolean => !worn.micro && worn.swatches.length >= 2;

/** A print of warm and cool colours of which both are echoed by other pieces. */
function echoesBothFamilies(finding: Said, all: readonly Said[], pieces: readonly Worn[]): boolean {
  return finding.pieces.some((id) => {
    const print = pieces.find((worn) => worn.piece.id === id);
    if (!print || !isManyColoured(print)) return false;
    const families = new Set(
      all
        .filter((other) => other.pieces.includes(id))
        .flatMap((other) =>
          pieces.filter((worn) => other.pieces.includes(worn.piece.id) && worn !== print).map(familyOf),
        ),
    );
    return families.has('warm') && families.has('cool');
  });
}

const firstHex = (worn: Worn): string => worn.seen[0]?.hex ?? '';

/** An accessory in a neutral, which another one may answer. */
const isFrame = memo(
  (worn: Worn): boolean =>
    !worn.facts.main &&
    worn.facts.shape !== 'jewel' &&
    worn.seen[0] !== undefined &&
    isNeutral(firstHex(worn)),
);

/** A main piece in the neutral of an accessory: the accessory is no frame to it. */
const swallowsFrame = (main: Worn, extra: Worn, near: number): boolean =>
  main.facts.main &&
  main.seen[0] !== undefined &&
  isFrame(extra) &&
  deltaEHex(firstHex(main), firstHex(extra)) <= near;

/** Two accessories in the same neutral, apart from the mains. */
function neutralPair(pieces: readonly Worn[], near: number): Said[] {
  const extras = pieces.filter(
    (worn) => isFrame(worn) && !pieces.some((main) => swallowsFrame(main, worn, near)),
  );
  for (const [i, one] of extras.entries()) {
    const other = extras.slice(i + 1).find((each) => deltaEHex(firstHex(one), firstHex(each)) <= near);
    if (other) return [{ code: 'frame', tone: 'works', pieces: ids(one, other) }];
  }
  return [];
}

const familyOf = (worn: Worn): string => warmth(worn.swatches[0]?.hex ?? '#808080');

/** The same counted over a pool. */
function tallyEchoes(pool: readonly Worn[], at: Limits): Count {
  const { accents, echo } = echoesBy(at);
  const echoes = pairTable(pool, (a, b) => accents(a).length > 0 && a !== b && echo(a, b) !== null);
  const prints = Uint8Array.from(pool, (worn) => (isManyColoured(worn) ? 1 : 0));
  const families = Uint8Array.from(pool, (worn) => ['warm', 'cool'].indexOf(familyOf(worn)) + 1);
  const frames = pairTable(
    pool,
    (a, b) => isFrame(a) && isFrame(b) && deltaEHex(firstHex(a), firstHex(b)) <= at.near,
  );
  const swallowed = pairTable(pool, (extra, main) => swallowsFrame(main, extra, at.near));
  const size = pool.length;
  return (look, says) => {
    const { picks, count } = look;
    for (let i = 0; i < count; i++) {
      const row = (picks[i] as number) * size;
      // One bit for a warm piece that answers, one for a cool one.
      let answers = 0;
      for (let j = 0; j < count; j++) {
        if (echoes[row + (picks[j] as number)] === 0) continue;
        answers |= families[picks[j] as number] as number;
        if (j > i) says.works++;
      }
      if (answers === 3 && prints[picks[i] as number] === 1) says.note = 1;
    }
    if (says.works > 0) return;
    for (let i = 0; i < count; i++) {
      if (metIn(swallowed, size, look, i) > 0) continue;
      for (let j = i + 1; j < count; j++)
        if (
          frames[(picks[i] as number) * size + (picks[j] as number)] === 1 &&
          metIn(swallowed, size, look, j) === 0
        ) {
          says.works = 1;
          return;
        }
    }
  };
}
