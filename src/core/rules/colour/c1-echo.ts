import { chroma, colourName, deltaE, deltaEHex, isNeutral, lab, type Lab, warmth } from '../../colour';
import type { Swatch, Worn } from '../../piece';
import { defineRule } from '../define';
import { isChromatic } from '../fields';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

interface Accent {
  readonly worn: Worn;
  readonly swatch: Swatch;
  readonly colour: Lab;
}

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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  evaluate({ pieces }, at) {
    const accents: Accent[] = pieces.flatMap((worn) =>
      worn.swatches
        .filter(
          (swatch) =>
            isChromatic(worn, swatch) &&
            swatch.share >= (chroma(lab(swatch.hex)) >= at.vivid ? at.vividShare : at.leastShare),
        )
        .map((swatch) => ({ worn, swatch, colour: lab(swatch.hex) })),
    );
    const said: Said[] = [];
    const told = new Set<string>();
    for (const [i, one] of accents.entries()) {
      for (const other of accents.slice(i + 1)) {
        if (one.worn === other.worn || sameSet(one.worn, other.worn)) continue;
        if (Math.max(one.swatch.share, other.swatch.share) < at.leastShare) continue;
        const apart = deltaE(one.colour, other.colour);
        if (apart > at.near) continue;
        const key = [one.worn.piece.id, other.worn.piece.id].sort().join('|');
        if (told.has(key)) continue;
        told.add(key);
        said.push({
          tone: 'works',
          pieces: [one.worn.piece.id, other.worn.piece.id],
          text: `The ${one.swatch.name ?? colourName(one.swatch.hex)} comes back: ${named(one.worn, other.worn)}.`,
          measured: `ΔE ${apart.toFixed(1)}; up to ${at.near} reads as one colour`,
        });
      }
    }
    const both = said.find((finding) => echoesBothFamilies(finding, said, pieces));
    if (both)
      said.push({
        ...both,
        tone: 'note',
        text: 'One print is echoed in its warm and in its cool colours; echoing one of the two is calmer.',
      });
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

const sameSet = (a: Worn, b: Worn): boolean => a.piece.set !== undefined && a.piece.set === b.piece.set;

/** A print of warm and cool colours of which both are echoed by other pieces. */
function echoesBothFamilies(finding: Said, all: readonly Said[], pieces: readonly Worn[]): boolean {
  return finding.pieces.some((id) => {
    const print = pieces.find((worn) => worn.piece.id === id);
    if (!print || print.micro || print.swatches.length < 2) return false;
    const families = new Set(
      all
        .filter((other) => other.pieces.includes(id))
        .flatMap((other) =>
          pieces
            .filter((worn) => other.pieces.includes(worn.piece.id) && worn !== print)
            .map((worn) => warmth(worn.swatches[0]?.hex ?? '#808080')),
        ),
    );
    return families.has('warm') && families.has('cool');
  });
}

/** Two accessories in the same neutral, apart from the mains. */
function neutralPair(pieces: readonly Worn[], near: number): Said[] {
  const extras = pieces.filter((worn) => !worn.facts.main && worn.facts.shape !== 'jewel');
  const mains = pieces.filter((worn) => worn.facts.main);
  for (const [i, one] of extras.entries()) {
    for (const other of extras.slice(i + 1)) {
      const [a, b] = [one.seen[0], other.seen[0]];
      if (!a || !b || !isNeutral(a.hex) || !isNeutral(b.hex) || deltaEHex(a.hex, b.hex) > near) continue;
      if (mains.some((main) => main.seen[0] && deltaEHex(main.seen[0].hex, a.hex) <= near)) continue;
      return [
        {
          tone: 'works',
          pieces: [one.piece.id, other.piece.id],
          text: `${named(one, other)} share one neutral and frame the look.`,
        },
      ];
    }
  }
  return [];
}
