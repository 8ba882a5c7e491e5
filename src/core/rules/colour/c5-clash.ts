import { chroma, harmonyDistance, hsv, hue, hueApart, lab } from '../../colour';
import { defineRule } from '../define';
import { type Field, fieldsOf, isChromatic } from '../fields';
import { solid } from '../given';
import { named, type Said, USUAL_WEIGHT } from '../rule';

const TRIAD = [
  { hex: '#d02020', share: 0.34 },
  { hex: '#20a020', share: 0.33 },
  { hex: '#2020d0', share: 0.33 },
] as const;

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
    far: { value: 20, unit: '°', says: 'School harmony: beyond this it fights.', min: 8, max: 60 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source:
    'School harmony: Cohen-Or, Sorkine, Gal, Leyvand & Xu, "Color harmonization" (2006). The rest: common practice, no source.',
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
  evaluate(scene, at) {
    const strong = fieldsOf(scene, at.area).filter((field) => field.chromatic && field.chroma >= at.chroma);
    const school = scene.schools.colour;
    if (school === 'free' || strong.length < 2) return [];
    if (school === 'harmony') return harmony(strong, at.calm, at.far);
    for (const [i, one] of strong.entries()) {
      for (const other of strong.slice(i + 1)) {
        if (one.worn === other.worn) continue;
        const apart = hueApart(one.hue, other.hue);
        if (apart < at.from || apart > at.to || shareThird(one, other)) continue;
        return [
          {
            tone: 'fights',
            pieces: [one.worn.piece.id, other.worn.piece.id],
            text: `${named(one.worn, other.worn)} are strong colours too near to part and too far to match.`,
            measured: `hues ${apart.toFixed(0)}° apart; ${at.from} to ${at.to}° quarrels`,
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
        expect: 'fights',
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

/** A third colour that both pieces wear makes peace between them. */
const shareThird = (a: Field, b: Field): boolean =>
  a.worn.swatches.some(
    ({ hex }) =>
      hex !== a.hex &&
      b.worn.swatches.some(
        (other) => other.hex !== b.hex && hueApart(hue(lab(hex)), hue(lab(other.hex))) < 15,
      ),
  );

function harmony(strong: readonly Field[], calm: number, far: number): Said[] {
  const { degrees, template } = harmonyDistance(
    strong.map(({ hex, area }) => ({ hue: hsv(hex).hue, weight: hsv(hex).saturation * area })),
  );
  const measured = `${degrees.toFixed(0)}° from the nearest hue template (${template}); under ${calm}° works`;
  if (degrees < calm)
    return [{ tone: 'works', pieces: [], text: 'The strong colours stand in harmony.', measured }];
  return [
    {
      tone: degrees > far ? 'fights' : 'note',
      pieces: strong.map(({ worn }) => worn.piece.id).filter((id, i, all) => all.indexOf(id) === i),
      text: 'The strong colours stand in no harmony.',
      measured,
    },
  ];
}
