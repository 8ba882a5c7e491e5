import { chroma, deltaEHex, harmonyDistance, hsv, hue, hueApart, lab } from '../../colour';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { type Field, fieldsOf, isChromatic } from '../fields';
import { solid } from '../given';

const TRIAD = [
  { hex: '#d02020', share: 0.34 },
  { hex: '#20a020', share: 0.33 },
  { hex: '#2020d0', share: 0.33 },
] as const;

const words = wording({
  clash: (_, say) =>
    `${say.the()} are strong ${say.word('colours')} that fight: too close to contrast, too far apart to match.`,
  harmony: (_, say) => `The strong ${say.word('colours')} balance each other.`,
  disharmony: (_, say) => `The strong ${say.word('colours')} of ${say.the()} don’t balance. Tone one down.`,
});
type Said = FoundBy<typeof words>;

/** C5: two strong colours too near to part and too far to match. */
export const clash = defineRule({
  id: 'C5',
  facet: 'C',
  title: 'Clash',
  question: 'Do two strong colours quarrel?',
  thresholds: {
    chroma: { value: 35, unit: 'C*', says: 'From this chroma a colour is strong.', min: 20, max: 80 },
    area: { value: 0.08, unit: 'share', says: 'Least area of each.', min: 0.02, max: 0.4 },
    from: { value: 25, unit: '°', says: 'Below this the hues are one family.', min: 10, max: 60 },
    to: { value: 75, unit: '°', says: 'Above this they part.', min: 40, max: 120 },
    calm: {
      value: 8,
      unit: '°',
      says: 'School harmony: up to this mean distance it works.',
      min: 2,
      max: 20,
    },
  },
  source:
    'School harmony: Cohen-Or, Sorkine, Gal, Leyvand & Xu, "Color harmonization" (2006). The rest: common practice, no source.',
  words,
  reads: ({ schools }, at) =>
    schools.colour === 'harmony'
      ? 'everything'
      : schools.colour === 'free'
        ? 'nothing'
        : {
            fields: () => [at.area],
            seen: (worn) =>
              worn.seen.some(({ hex }) => isChromatic(worn, { hex }) && chroma(lab(hex)) >= at.chroma)
                ? worn
                : undefined,
          },
  find(scene, at) {
    const strong = fieldsOf(scene, at.area).filter((field) => field.chromatic && field.chroma >= at.chroma);
    const school = scene.schools.colour;
    if (school === 'free' || strong.length < 2) return [];
    if (school === 'harmony') return harmony(strong, at.calm);
    for (const [i, one] of strong.entries()) {
      for (const other of strong.slice(i + 1)) {
        if (one.worn === other.worn) continue;
        const apart = hueApart(one.hue, other.hue);
        if (apart < at.from || apart > at.to || shareThird(one, other) || wearsBoth(one, other)) continue;
        return [
          {
            code: 'clash',
            tone: 'note',
            pieces: ids(one.worn, other.worn),
            measured: { value: apart, unit: '°', least: at.to },
          },
        ];
      }
    }
    return [];
  },
  examples: [
    [
      {
        title: 'A red blouse over an orange skirt',
        look: [solid('blouse', '#c4133a'), solid('skirt', '#e58a1f')],
        expect: 'note',
      },
      {
        title: 'The same blouse over a navy skirt',
        look: [solid('blouse', '#c4133a'), solid('skirt', '#1f2a44')],
        expect: 'silent',
      },
    ],
    [
      {
        title: 'Red, green and blue in equal parts by the school of harmony',
        look: [
          solid('dress', '#d02020', {
            colours: TRIAD,
            pattern: { kind: 'geometric', repeatMm: 60, contrast: 0.6 },
          }),
        ],
        schools: { colour: 'harmony' },
        expect: 'note',
      },
      {
        title: 'The same when colours are free',
        look: [
          solid('dress', '#d02020', {
            colours: TRIAD,
            pattern: { kind: 'geometric', repeatMm: 60, contrast: 0.6 },
          }),
        ],
        schools: { colour: 'free' },
        expect: 'silent',
      },
    ],
  ],
});

/** One of the two colours occurs in the other piece as well: they were put together by somebody. */
const wearsBoth = (a: Field, b: Field): boolean =>
  a.worn.swatches.some(({ hex }) => hex !== a.hex && deltaEHex(hex, b.hex) <= 12) ||
  b.worn.swatches.some(({ hex }) => hex !== b.hex && deltaEHex(hex, a.hex) <= 12);

/** A third colour that both pieces wear makes peace between them. */
const shareThird = (a: Field, b: Field): boolean =>
  a.worn.swatches.some(
    ({ hex }) =>
      hex !== a.hex &&
      b.worn.swatches.some(
        (other) => other.hex !== b.hex && hueApart(hue(lab(hex)), hue(lab(other.hex))) < 15,
      ),
  );

function harmony(strong: readonly Field[], calm: number): Said[] {
  const { degrees } = harmonyDistance(
    strong.map(({ hex, area }) => ({ hue: hsv(hex).hue, weight: hsv(hex).saturation * area })),
  );
  // Degrees from the nearest hue template.
  const measured = { value: degrees, unit: '°', most: calm } as const;
  if (degrees < calm) return [{ code: 'harmony', tone: 'works', pieces: [], measured }];
  return [
    {
      code: 'disharmony',
      tone: 'note',
      pieces: [...new Set(strong.map(({ worn }) => worn.piece.id))],
      measured,
    },
  ];
}
