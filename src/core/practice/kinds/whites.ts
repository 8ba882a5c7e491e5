import { pick, type Random, shuffled } from '../../chance';
import { judge } from '../../look';
import { CATEGORY, type Piece } from '../../piece';
import { type Finding, RULES, type Settings } from '../../rules';
import { type Level, type Making, marginOf, type PracticeStock } from '../exercise';
import { clientOf, rackOf, settingOf } from '../rack';

/** Whites of cloth. Values from memory, chosen by eye on a neutral ground. */
const WHITES = [
  ['chalk white', '#fbfbf9'],
  ['white', '#f6f7f8'],
  ['soft white', '#f7f4ec'],
  ['ivory', '#f3ecdc'],
  ['pearl', '#ece8e0'],
  ['cream', '#ebdfc3'],
  ['ecru', '#e3d6b8'],
  ['oatmeal', '#d3c5ab'],
  ['stone', '#cbbfa9'],
  ['camel', '#ad8350'],
] as const;

const inWhite = (piece: Piece, [name, hex]: (typeof WHITES)[number], id: string): Piece => ({
  ...piece,
  id,
  title: `${CATEGORY[piece.category].label.toLowerCase()} in ${name}`,
  colours: [{ hex, share: 1 }],
  pattern: { kind: 'solid' } as Piece['pattern'],
});

const TRIED = 60;

/** A top in a white, and the same trousers in two others: which of the two goes with it. */
export function* whites(stock: PracticeStock, level: Level, random: Random): Making {
  const by = marginOf('whites', level);
  for (let i = 0; i < TRIED; i++) {
    yield;
    const rack = rackOf(stock, random);
    const of = (slot: string): Piece | undefined =>
      pick(
        rack.pieces.filter(({ category }) => CATEGORY[category].slot === slot),
        random,
      );
    const [top, bottom, shoes] = [of('top'), of('bottom'), of('shoes')];
    if (!top || !bottom || !shoes) continue;
    const setting = settingOf(rack, stock);
    const [own, one, other] = shuffled(WHITES, random) as [
      (typeof WHITES)[number],
      (typeof WHITES)[number],
      (typeof WHITES)[number],
    ];
    const plain = inWhite(top, own, 'top');
    const pair = [inWhite(bottom, one, 'a'), inWhite(bottom, other, 'b')];
    // A white shoe would say something of its own.
    const shod = { ...shoes, colours: [{ hex: '#5f4331', share: 1 }] };
    const misses = (piece: Piece, off: number): Finding[] =>
      judge([plain, piece, shod], setting, nudged(stock.settings, off)).findings.filter(
        ({ rule, pieces }) => rule === 'C2' && !pieces.includes(shod.id),
      );
    const found = pair.map((piece) => misses(piece, 0));
    const right = found.findIndex((each) => each.length === 0);
    if (right < 0 || found.every((each) => each.length === 0)) continue;
    const stands = pair.every((piece, at) =>
      [by, -by].every((off) => misses(piece, off).length > 0 === (found[at] ?? []).length > 0),
    );
    if (!stands) continue;
    return {
      exercise: {
        kind: 'whites',
        matter: 'C',
        level,
        client: clientOf(setting),
        look: [plain, shod],
        options: pair.map((piece) => ({ is: 'piece', piece })),
        choosing: 'one',
      },
      key: { right: [right], found, margin: by },
    };
  }
  return undefined;
}

/** The house's near miss with every bound moved by so many ΔE: an answer that stays is clear by as much. */
function nudged(settings: Settings = {}, off: number): Settings {
  const rule = RULES.find(({ id }) => id === 'C2');
  const own = settings.C2?.thresholds ?? {};
  const at = (name: string): number => own[name] ?? rule?.thresholds[name]?.value ?? 0;
  return {
    ...settings,
    C2: {
      ...settings.C2,
      thresholds: {
        ...own,
        from: Math.max(0, at('from') - off),
        pale: at('pale') + off,
        other: at('other') + off,
        dark: at('dark') + off,
      },
    },
  };
}
