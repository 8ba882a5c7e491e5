import { pick, type Random, shuffled } from '../../chance';
import { HEIGHT_RATIO } from '../../figure';
import { judge } from '../../look';
import { CATEGORY, type Piece } from '../../piece';
import type { Finding } from '../../rules';
import { type Level, type Making, marginOf, type PracticeStock } from '../exercise';
import { clientOf, rackOf, settingOf } from '../rack';

/** Heels offered, mm, and how far off the floor the hem hangs in the right one (P1: ½ to ¾ in). */
const HEELS = [8, 32, 56, 80] as const;
const OFF_FLOOR = 15;
const TRIED = 40;

/** Long trousers, and one shoe on four heels: in which does the hem stand just off the floor. */
export function* heel(stock: PracticeStock, level: Level, random: Random): Making {
  const by = marginOf('heel', level);
  for (let i = 0; i < TRIED; i++) {
    yield;
    const rack = rackOf(stock, random);
    const trousers = pick(
      rack.pieces.filter(
        ({ category, measures, origins }) =>
          CATEGORY[category].legs === 'long' &&
          measures.inseam !== undefined &&
          origins.inseam !== 'defaulted',
      ),
      random,
    );
    const top = pick(
      rack.pieces.filter(({ category }) => CATEGORY[category].slot === 'top'),
      random,
    );
    const shoe = pick(
      rack.pieces.filter(({ category }) => ['heel', 'ankle-boot', 'sandal'].includes(category)),
      random,
    );
    const meant = pick(HEELS, random);
    if (!trousers || !top || !shoe || meant === undefined) continue;
    const inseam = trousers.measures.inseam as number;
    const measures = { ...rack.measures, insideLegLength: Math.round(inseam + OFF_FLOOR - meant) };
    // A figure whose leg that is.
    measures.heightMm = Math.round(measures.insideLegLength / HEIGHT_RATIO.crotch);
    if (measures.heightMm < 1520 || measures.heightMm > 1900) continue;
    const setting = settingOf({ ...rack, measures }, stock);
    const shoes = HEELS.map((mm): Piece => ({
      ...shoe,
      id: `heel ${mm}`,
      title: `heel of ${mm} mm`,
      measures: { ...shoe.measures, heel: mm },
      origins: { ...shoe.origins, heel: 'given' },
    }));
    const hem = (on: Piece, off: number): Finding[] =>
      judge(
        [top, { ...trousers, measures: { ...trousers.measures, inseam: inseam + off } }, on],
        setting,
        stock.settings,
      ).findings.filter(({ rule }) => rule === 'P1');
    const goes = (found: readonly Finding[]): boolean => found.some(({ tone }) => tone === 'works');
    const right = shoes.findIndex((on) => goes(hem(on, 0)));
    const stands = shoes.every((on, at) =>
      [-by, 0, by].every((off) => {
        const found = hem(on, off);
        // A hem of which nothing is said is neither right nor wrong.
        return at === right ? goes(found) : found.length > 0 && !goes(found);
      }),
    );
    if (right < 0 || !stands) continue;
    const order = shuffled(shoes, random);
    return {
      exercise: {
        kind: 'heel',
        matter: 'P',
        level,
        client: clientOf(setting),
        look: [top, trousers],
        options: order.map((piece) => ({ is: 'piece', piece })),
        choosing: 'one',
      },
      key: {
        right: [order.indexOf(shoes[right] as Piece)],
        found: order.map((on) => hem(on, 0)),
        margin: by,
      },
    };
  }
  return undefined;
}
