import { pick, type Random, shuffled } from '../chance';
import { bodyOf, type BodyMeasures, HEIGHT_RATIO } from '../figure';
import { NOBODY, type Profile } from '../client';
import { chooseSize, inSize, wearable } from '../fit';
import { LookPool, type Setting } from '../look';
import { type Occasion, OCCASION_TEMPLATES } from '../occasion';
import { CATEGORY, type Piece, type Slot } from '../piece';
import { isOtherRail } from '../pull';
import type { Matter, PracticeStock } from './exercise';

/** What hangs on one rail of the shop in the size of an invented figure. */
export interface Rack {
  readonly pieces: readonly Piece[];
  readonly measures: BodyMeasures;
  readonly department: 'women' | 'men';
}

/** Pieces of each place on a rack at most; of every other place two. */
const MOST: { readonly [slot in Slot]?: number } = {
  top: 6,
  bottom: 5,
  whole: 3,
  shoes: 6,
  layer: 4,
  bag: 3,
};

const mm = (from: number, to: number, random: Random): number => Math.round(from + (to - from) * random());

/** A figure nobody has: height and girths drawn together, as people's are. Common practice, from memory. */
export function inventedFigure(department: Rack['department'], random: Random): BodyMeasures {
  if (department === 'men') {
    const heightMm = mm(1700, 1880, random);
    const bust = mm(940, 1080, random);
    return {
      heightMm,
      bust,
      waist: bust - mm(120, 160, random),
      hip: bust - mm(0, 30, random),
      insideLegLength: Math.round(heightMm * HEIGHT_RATIO.crotch),
    };
  }
  const heightMm = mm(1600, 1760, random);
  const bust = mm(840, 1040, random);
  return {
    heightMm,
    bust,
    waist: bust - mm(170, 210, random),
    hip: bust + mm(50, 100, random),
    insideLegLength: Math.round(heightMm * HEIGHT_RATIO.crotch),
  };
}

/** A rack out of the shop's stock: what an invented figure may wear, some of every place; a larger one by `times`. */
export function rackOf({ candidates, small }: PracticeStock, random: Random, times = 1): Rack {
  // Most rails hang more for women; men’s are practised as often as they hang something.
  const mens = candidates.filter(({ piece }) => piece.department === 'men').length;
  const department = random() * candidates.length < mens ? 'men' : 'women';
  const measures = inventedFigure(department, random);
  const body = bodyOf(measures);
  const taken = new Map<Slot, number>();
  const pieces: Piece[] = [];
  for (const { piece, sizes, offset } of shuffled(candidates, random)) {
    if (isOtherRail(piece, department)) continue;
    const { slot } = CATEGORY[piece.category];
    const count = taken.get(slot) ?? 0;
    if (count >= (MOST[slot] ?? 2) * times) continue;
    const choice = chooseSize(
      piece,
      sizes.map((size) => ({ ...size, free: 1 })),
      body,
      { offset, small },
    );
    if (!choice || !wearable(choice)) continue;
    taken.set(slot, count + 1);
    pieces.push(inSize(piece, choice.offer));
  }
  return { pieces, measures, department };
}

/** Weather to practise in, °C outside. */
const OUTSIDE_C = [-2, 4, 11, 26, 31] as const;
const GROUNDS = [['grass'], ['cobbles'], ['wet'], ['ice']] as const satisfies readonly Occasion['surfaces'][];
/** What an invented client asks of cover and shoes, one at a time. */
const WISHES: readonly Partial<Profile>[] = [
  { cover: ['upper-arms'] },
  { cover: ['knees'] },
  { cover: ['shoulders'] },
  { limits: { ...NOBODY.limits, heelMaxMm: 35 } },
  { limits: { ...NOBODY.limits, openToe: false } },
];

/** For whom and for what looks of a matter are judged: an invented figure, a usual occasion, the shop's own lights. */
export function settingOf(
  { measures, department }: Rack,
  { schools }: PracticeStock,
  matter?: Matter,
  random: Random = () => 0,
): Setting {
  const usual = matter && (pick(OCCASION_TEMPLATES, random) as (typeof OCCASION_TEMPLATES)[number]).occasion;
  // Weather speaks only where there is some, and cover only where somebody asks for it.
  const weather = matter === 'W' && {
    outdoorC: pick(OUTSIDE_C, random),
    surfaces: random() < 0.5 ? [] : (pick(GROUNDS, random) ?? []),
  };
  const wish = matter === 'K' ? pick(WISHES, random) : undefined;
  return {
    client: { ...NOBODY, ...wish, measures, department },
    occasion: usual && { ...usual, ...weather },
    shopSchools: schools,
  };
}

/** Whom a setting is about. */
export const clientOf = ({ client }: Setting): Profile => client ?? NOBODY;

/** Looks drawn from a rack, and those of the best kept. */
const DRAWN = 150;
const KEPT = 12;
/** Looks judged in one step. */
const A_STEP = 15;
/** From this score a look is one to begin with. */
const GOOD = 84;

/** A rack with the pool that judges looks out of it, and some looks that score well, as places, best first. */
export interface Dressed {
  readonly pool: LookPool;
  readonly looks: readonly { readonly places: readonly number[]; readonly score: number }[];
}

/** Looks by chance out of a rack that may be sent and score well. */
export function* dressed(
  rack: Rack,
  setting: Setting,
  { settings = {} }: PracticeStock,
  random: Random,
): Generator<undefined, Dressed | undefined> {
  const places = new Map<Slot, number[]>();
  rack.pieces.forEach(({ category }, place) => {
    const { slot } = CATEGORY[category];
    places.set(slot, [...(places.get(slot) ?? []), place]);
  });
  const has = (slot: Slot): number[] => places.get(slot) ?? [];
  const hasTwo = has('top').length > 0 && has('bottom').length > 0;
  if (has('shoes').length === 0 || (has('whole').length === 0 && !hasTwo)) return undefined;
  const pool = new LookPool(rack.pieces, setting, settings);
  const found = new Map<string, { readonly places: readonly number[]; readonly score: number }>();
  for (let i = 0; i < DRAWN; i++) {
    if (i % A_STEP === 0) yield;
    const look = drawn(has, places, random).sort((a, b) => a - b);
    const key = look.join(' ');
    if (found.has(key)) continue;
    const { sendable, score } = pool.judge(look);
    found.set(key, { places: look, score: sendable ? score : 0 });
  }
  const looks = [...found.values()]
    .filter(({ score }) => score >= GOOD)
    .sort((a, b) => b.score - a.score)
    .slice(0, KEPT);
  return { pool, looks };
}

/** Places of one look: a base, and now and then a layer and one or two of the rest. */
function drawn(
  has: (slot: Slot) => number[],
  places: ReadonlyMap<Slot, readonly number[]>,
  random: Random,
): number[] {
  const one = (slot: Slot): number[] => {
    const place = pick(has(slot), random);
    return place === undefined ? [] : [place];
  };
  const isWhole =
    has('whole').length > 0 && (has('top').length === 0 || has('bottom').length === 0 || random() < 0.25);
  const rest = [...places.keys()].filter(
    (slot) => !['top', 'bottom', 'whole', 'shoes', 'layer'].includes(slot),
  );
  const more = shuffled(rest, random).slice(0, Math.floor(random() * 3));
  return [
    ...(isWhole ? one('whole') : [...one('top'), ...one('bottom')]),
    ...one('shoes'),
    ...(random() < 0.55 ? one('layer') : []),
    ...more.flatMap(one),
  ];
}
