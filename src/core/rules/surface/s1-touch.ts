import { hue, hueApart, isNeutral, lab } from '../../colour';
import { textureFamily, type TextureFamily, type Worn } from '../../piece';
import type { Count } from '../reads';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { areaOf, type ColourFacts, fieldsOf, isMain, mainHex } from '../fields';
import { memo } from '../../memo';
import { isFlat, TONE_FIELD } from '../colour/c4-tonal';
import { solid } from '../given';

const words = wording({
  contrast: ({ cloths: [first, ...rest] }: { cloths: readonly TextureFamily[] }, say) =>
    `Good contrast of texture: ${first ? say.cloth(first) : ''} with ${say.list(rest.map(say.cloth))}.`,
  dark: () => 'All dark in one kind of cloth. A knit, a shine or a nap would bring it to life.',
  tone: () => 'All one tone in one kind of cloth. A knit, a shine or a nap would bring it to life.',
});

/** S1: two cloths that feel different; most wanted where all is one tone. */
export const touch = defineRule({
  id: 'S1',
  facet: 'S',
  title: 'Texture',
  question: 'Is there more than one texture?',
  thresholds: {
    area: { value: 0.04, unit: 'share', says: 'Least area of a cloth that counts.', min: 0.02, max: 0.4 },
  },
  words,
  reads: (_given, at) => ({ tally: (pool) => tallyTouch(pool, at.area) }),
  find(scene, at) {
    const mains = scene.pieces.filter((worn) => isFelt(worn) && areaOf(scene, worn) >= at.area);
    const pieces = ids(...mains);
    switch (feltIn(mains, fieldsOf(scene, TONE_FIELD))) {
      case 'two cloths': {
        const cloths = [...new Set(mains.flatMap(clothsOf))];
        return [{ code: 'contrast', tone: 'works', pieces, params: { cloths } }];
      }
      case 'dark':
        return [{ code: 'dark', tone: 'note', pieces }];
      case 'one tone':
        return [{ code: 'tone', tone: 'note', pieces }];
      default:
        return [];
    }
  },
  examples: [
    [
      {
        title: 'A dark green shirt and dark red trousers, both smooth',
        look: [solid('shirt', '#173a2a'), solid('trousers', '#4a141f')],
        expect: 'note',
      },
      {
        title: 'The same trousers under a rib knit',
        look: [solid('fine-knit', '#173a2a', { fabric: { texture: 'rib' } }), solid('trousers', '#4a141f')],
        expect: 'works',
      },
    ],
  ],
});

/** What is felt: the main pieces, and boots that go up the leg. */
const isFelt = (worn: Worn): boolean => isMain(worn) || worn.facts.boot === 'tall';

/** Cloths of a piece and of the parts of it that differ. */
const clothsOf = memo(({ piece }: Worn): readonly TextureFamily[] => [
  textureFamily(piece.fabric),
  ...piece.parts.flatMap(({ fabric }) => (fabric ? [textureFamily(fabric)] : [])),
]);

/** What there is to feel of the main pieces; undefined where their colours are enough. */
function feelOf(mains: readonly Worn[]): 'two cloths' | 'dark' | 'one tone' | undefined {
  const [first] = mains;
  if (!first) return undefined;
  if (mains.length < 2) return new Set(clothsOf(first)).size > 1 ? 'two cloths' : undefined;
  // A suit is one cloth on purpose.
  if (first.piece.set !== undefined && mains.every(({ piece }) => piece.set === first.piece.set))
    return undefined;
  if (new Set(mains.flatMap(clothsOf)).size > 1) return 'two cloths';
  const hexes = mains.map(mainHex);
  if (hexes.every((hex) => lab(hex).l < 30)) return 'dark';
  const hues = hexes.map((hex) => hue(lab(hex)));
  return !hexes.some(isNeutral) && hues.every((a) => hues.every((b) => hueApart(a, b) <= 35))
    ? 'one tone'
    : undefined;
}

/** The same, less what C4 says already: flat in colour as well as in cloth is one thing. */
function feltIn(mains: readonly Worn[], fields: readonly ColourFacts[]): ReturnType<typeof feelOf> {
  const feel = feelOf(mains);
  return feel === 'two cloths' || (feel && !isFlat(fields)) ? feel : undefined;
}

/** The same counted over a pool. */
function tallyTouch(pool: readonly Worn[], least: number): Count {
  const main = Uint8Array.from(pool, (worn) => (isFelt(worn) ? 1 : 0));
  return (look, says) => {
    const { picks, count, shares } = look;
    const mains: Worn[] = [];
    for (let i = 0; i < count; i++)
      if (main[picks[i] as number] === 1 && (shares[i] as number) >= least)
        mains.push(pool[picks[i] as number] as Worn);
    const feel = feltIn(mains, look.reached(TONE_FIELD));
    if (feel) says[feel === 'two cloths' ? 'works' : 'note']++;
  };
}
