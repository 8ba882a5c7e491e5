import { colourName, deltaEHex, isNeutral, warmth } from '../../colour';
import { memo, memo2 } from '../../memo';
import type { Swatch, Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { isChromatic, isVivid } from '../fields';
import { type Count, metIn, pairTable, type Picked, type Tally, wholeOf } from '../reads';

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
    const { echo } = echoesBy(at);
    const said: Said[] = [];
    const prints = new Set<string>();
    answersIn(pieces, at)(wholeOf(pieces), {
      echo: (i, j) => said.push(echo(pieces[i] as Worn, pieces[j] as Worn) as Said),
      both: (i) => prints.add((pieces[i] as Worn).piece.id),
      frame: (i, j) =>
        said.push({ code: 'frame', tone: 'works', pieces: ids(pieces[i] as Worn, pieces[j] as Worn) }),
    });
    const both = said.find((finding) => finding.pieces.some((id) => prints.has(id)));
    if (both) said.push({ code: 'both', tone: 'note', pieces: both.pieces });
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

const familyOf = (worn: Worn): string => warmth(worn.swatches[0]?.hex ?? '#808080');

/** What is found of a look, by places of it: an earlier piece with a later one, or a print by itself. */
interface Answers {
  readonly echo: (i: number, j: number) => void;
  /** A print of warm and cool colours of which both are echoed by other pieces. */
  readonly both: (i: number) => void;
  /** Two accessories in one neutral, apart from the mains; the first two, where nothing echoes. */
  readonly frame: (i: number, j: number) => void;
}

/** Finds how pieces of a pool answer each other: what two are to each other is worked out once. */
function answersIn(pool: readonly Worn[], at: Limits): (look: Picked, found: Answers) => void {
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
  return (look, found) => {
    const { picks, count } = look;
    let isAnswered = false;
    for (let i = 0; i < count; i++) {
      const row = (picks[i] as number) * size;
      // One bit for a warm piece that answers, one for a cool one.
      let answers = 0;
      for (let j = 0; j < count; j++) {
        if (echoes[row + (picks[j] as number)] === 0) continue;
        answers |= families[picks[j] as number] as number;
        if (j <= i) continue;
        isAnswered = true;
        found.echo(i, j);
      }
      if (answers === 3 && prints[picks[i] as number] === 1) found.both(i);
    }
    if (isAnswered) return;
    for (let i = 0; i < count; i++) {
      if (metIn(swallowed, size, look, i) > 0) continue;
      for (let j = i + 1; j < count; j++)
        if (
          frames[(picks[i] as number) * size + (picks[j] as number)] === 1 &&
          metIn(swallowed, size, look, j) === 0
        )
          return found.frame(i, j);
    }
  };
}

/** The same counted over a pool. */
function tallyEchoes(pool: readonly Worn[], at: Limits): Count {
  const answers = answersIn(pool, at);
  // One for all looks: nothing is made anew for each of them.
  let tally: Tally;
  const count: Answers = {
    echo: () => void tally.works++,
    both: () => void (tally.note = 1),
    frame: () => void (tally.works = 1),
  };
  return (look, says) => {
    tally = says;
    answers(look, count);
  };
}
