import { deltaEHex } from '../../colour';
import { memo, memo2 } from '../../memo';
import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { isPrint } from '../fields';

interface Limits {
  readonly near: number;
  readonly share: number;
  readonly scale: number;
  readonly contrast: number;
}

const MIXES = {
  scale: 'one print larger than the other',
  contrast: 'one print quieter than the other',
  kind: 'a stripe beside a flower',
} as const;
const WANTS = {
  both: 'no colour in common, and the same scale',
  scale: 'both prints are the same scale',
  colour: 'no colour in common',
} as const;

const words = wording({
  none: (_, say) => `${say.the()} ${say.verb('be')} printed, and ${say.they('do')}n’t wear prints.`,
  mix: ({ by }: { by: 'scale' | 'contrast' | 'kind' }, say) =>
    `${say.the()} mix well: a shared ${say.word('colour')}, and ${MIXES[by]}.`,
  quarrel: ({ want }: { want: keyof typeof WANTS }, say) =>
    `${say.the()} don’t mix: ${say.word(WANTS[want])}.`,
});
type Said = FoundBy<typeof words>;

/** N1: two prints go together by a shared colour and a difference of scale. */
export const mix = defineRule({
  id: 'N1',
  facet: 'N',
  title: 'Mixing prints',
  question: 'Do two prints share a colour and differ in scale?',
  thresholds: {
    near: { value: 12, unit: 'ΔE', says: 'Up to this two swatches are one colour.', min: 4, max: 25 },
    share: {
      value: 0.08,
      unit: 'share',
      says: 'Least share of the shared colour in each print.',
      min: 0.02,
      max: 0.4,
    },
    scale: {
      value: 2,
      unit: '×',
      says: 'One repeat is at least this many times the other.',
      min: 1.2,
      max: 5,
    },
    contrast: { value: 0.3, unit: '', says: 'Or their contrast differs by this much.', min: 0.1, max: 0.8 },
  },
  words,
  reads: () => ({ of: (worn) => (isPrint(worn) ? worn : undefined) }),
  find({ pieces, schools }, at) {
    const prints = onePerSet(pieces.filter((worn) => isPrint(worn) && isSeen(worn)));
    if (schools.pattern === 'none') {
      return prints.map((worn): Said => ({ code: 'none', tone: 'fights', pieces: ids(worn) }));
    }
    const said: Said[] = [];
    for (const [i, one] of prints.entries()) {
      for (const other of prints.slice(i + 1))
        said.push(mixesBy(at)(one, other)[schools.pattern === 'mix' ? 'mixing' : 'plain']);
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A fine navy stripe with a large navy floral',
        look: [
          {
            id: 'tee',
            category: 'tee',
            colours: [
              { hex: '#f4f1e8', share: 0.6 },
              { hex: '#1f2a44', share: 0.4 },
            ],
            pattern: { kind: 'stripe', repeatMm: 20, contrast: 0.8 },
          },
          {
            id: 'skirt',
            category: 'skirt',
            colours: [
              { hex: '#1f2a44', share: 0.7 },
              { hex: '#c46a7a', share: 0.3 },
            ],
            pattern: { kind: 'floral', repeatMm: 90, contrast: 0.5 },
          },
        ],
        expect: 'works',
      },
      {
        title: 'The floral in green, without a shared colour',
        look: [
          {
            id: 'tee',
            category: 'tee',
            colours: [
              { hex: '#f4f1e8', share: 0.6 },
              { hex: '#1f2a44', share: 0.4 },
            ],
            pattern: { kind: 'stripe', repeatMm: 20, contrast: 0.8 },
          },
          {
            id: 'skirt',
            category: 'skirt',
            colours: [
              { hex: '#3c7d4b', share: 0.7 },
              { hex: '#c46a7a', share: 0.3 },
            ],
            pattern: { kind: 'floral', repeatMm: 90, contrast: 0.5 },
          },
        ],
        expect: 'note',
      },
    ],
    [
      {
        title: 'A suit of one checked cloth',
        look: [
          {
            id: 'blazer',
            category: 'blazer',
            set: 'suit',
            colours: [
              { hex: '#4a4d55', share: 0.7 },
              { hex: '#8a8d95', share: 0.3 },
            ],
            pattern: { kind: 'check', repeatMm: 40, contrast: 0.4 },
          },
          {
            id: 'trousers',
            category: 'trousers',
            set: 'suit',
            colours: [
              { hex: '#4a4d55', share: 0.7 },
              { hex: '#8a8d95', share: 0.3 },
            ],
            pattern: { kind: 'check', repeatMm: 40, contrast: 0.4 },
          },
        ],
        schools: { pattern: 'one' },
        expect: 'silent',
      },
      {
        title: 'The same two as separates of near checks',
        look: [
          {
            id: 'blazer',
            category: 'blazer',
            colours: [
              { hex: '#4a4d55', share: 0.7 },
              { hex: '#8a8d95', share: 0.3 },
            ],
            pattern: { kind: 'check', repeatMm: 40, contrast: 0.4 },
          },
          {
            id: 'trousers',
            category: 'trousers',
            colours: [
              { hex: '#4a4d55', share: 0.7 },
              { hex: '#8a8d95', share: 0.3 },
            ],
            pattern: { kind: 'check', repeatMm: 46, contrast: 0.4 },
          },
        ],
        schools: { pattern: 'one' },
        expect: 'fights',
      },
    ],
  ],
});

/** A faint pattern is texture to the eye. */
const isSeen = ({ piece }: Worn): boolean => piece.pattern.contrast >= 0.3;

/** Two pieces cut of one cloth, whether or not anybody says that they are a set. */
const isOneCloth = ({ piece: a }: Worn, { piece: b }: Worn): boolean =>
  a.pattern.kind === b.pattern.kind &&
  a.pattern.repeatMm === b.pattern.repeatMm &&
  a.colours.map(({ hex }) => hex).join() === b.colours.map(({ hex }) => hex).join();

/** A set counts as one print, and so do two pieces of one cloth. */
function onePerSet(prints: readonly Worn[]): Worn[] {
  const sets = new Set<string>();
  return prints.filter((worn, i) => {
    const { piece } = worn;
    if (prints.slice(0, i).some((before) => isOneCloth(before, worn))) return false;
    if (piece.set === undefined) return true;
    if (sets.has(piece.set)) return false;
    sets.add(piece.set);
    return true;
  });
}

/** How two prints get on, kept by pair; two that do not are milder for somebody who likes to mix. */
const mixesBy = memo((at: Limits) =>
  memo2((one: Worn, other: Worn) => {
    const plain = judgePair(one, other, at);
    return { plain, mixing: plain.tone === 'fights' ? { ...plain, tone: 'note' as const } : plain };
  }),
);

function judgePair(one: Worn, other: Worn, at: Limits): Said {
  const shared = one.swatches.some((a) =>
    other.swatches.some(
      (b) => a.share >= at.share && b.share >= at.share && deltaEHex(a.hex, b.hex) <= at.near,
    ),
  );
  const [p, q] = [one.piece.pattern, other.piece.pattern];
  const scale = Math.max(p.repeatMm, q.repeatMm) / Math.min(p.repeatMm, q.repeatMm);
  const kinds = new Set([p.kind, q.kind]);
  const by =
    scale >= at.scale
      ? 'scale'
      : Math.abs(p.contrast - q.contrast) >= at.contrast
        ? 'contrast'
        : kinds.has('stripe') && kinds.has('floral')
          ? 'kind'
          : undefined;
  const pieces = ids(one, other);
  const measured = { value: scale, unit: '×', least: at.scale } as const;
  return shared && by
    ? { code: 'mix', tone: 'works', pieces, measured, params: { by } }
    : {
        code: 'quarrel',
        tone: 'fights',
        pieces,
        measured,
        params: { want: shared ? 'scale' : by ? 'colour' : 'both' },
      };
}

const USUAL: Limits = { near: 12, share: 0.08, scale: 2, contrast: 0.3 };

/** True where two prints go together by the usual thresholds. */
export const mixes = memo2(
  (one: Worn, other: Worn): boolean => judgePair(one, other, USUAL).tone === 'works',
);
