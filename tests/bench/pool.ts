import { BLANK_OCCASION } from '@core/occasion';
import { type Setting } from '@core/look';
import { CATEGORY, type Piece, pieceFrom, type Slot } from '@core/piece';
import { storedProfileSchema } from '@contracts/profile';
import { DEMO_CLIENTS } from '@data/demo/clients';
import { stockRows } from '@server/demo/load-demo';
import { stream } from '../support/stream';

function grouped<T, K>(list: readonly T[], keyOf: (each: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>();
  for (const each of list) groups.set(keyOf(each), [...(groups.get(keyOf(each)) ?? []), each]);
  return groups;
}

/** Every garment of the demo shop in its middle size, in an order drawn by lot: so many of them. */
export function demoPieces(count: number): Piece[] {
  const rows = [...grouped(stockRows(), ({ garmentKey }) => garmentKey).values()].map(
    (sizes) => sizes[Math.floor(sizes.length / 2)] as (typeof sizes)[number],
  );
  const random = stream(7);
  return rows
    .map((row) => ({ row, lot: random() }))
    .sort((a, b) => a.lot - b.lot)
    .slice(0, count)
    .map(({ row }, i) =>
      pieceFrom({
        ...row.attributes,
        id: `g${i}`,
        title: row.title,
        category: row.category,
        colours: row.colours,
        formality: row.formality,
        set: row.setId,
        priceMinor: row.priceMinor,
        measures: row.measures,
      } as Parameters<typeof pieceFrom>[0]),
    );
}

/** The pilot of the demo, for a ceremony indoors on a day in town. */
export function demoSetting(): Setting {
  const [pilot] = DEMO_CLIENTS;
  if (!pilot) throw new Error('the demo has no clients');
  const profile = storedProfileSchema.parse(pilot.profile);
  return {
    client: { ...profile, measures: pilot.measures } as NonNullable<Setting['client']>,
    occasion: {
      ...BLANK_OCCASION,
      title: 'Installation',
      date: '2026-12-04',
      formality: [5, 7],
      time: 'day',
      indoorC: 20,
      outdoorC: 6,
      activityMet: 1.4,
      hoursOnFeet: 3,
      surfaces: ['cobbles'],
    },
  };
}

/** Complete looks of 5 to 8 pieces, one of each slot, as places in the pool. */
export function completeLooks(pool: readonly Piece[], count: number): number[][] {
  const random = stream(13);
  const bySlot = grouped(
    pool.map((_, i) => i),
    (i) => CATEGORY[(pool[i] as Piece).category].slot,
  );
  const one = (slot: Slot): number[] => {
    const list = bySlot.get(slot) ?? [];
    const found = list[Math.floor(random() * list.length)];
    return found === undefined ? [] : [found];
  };
  const extras = [...bySlot.keys()].filter((slot) => !['top', 'bottom', 'whole', 'shoes'].includes(slot));
  return Array.from({ length: count }, () => {
    const wanted = 5 + Math.floor(random() * 4);
    const look = [...(random() < 0.25 ? one('whole') : [...one('top'), ...one('bottom')]), ...one('shoes')];
    const more = extras.map((slot) => ({ slot, lot: random() })).sort((a, b) => a.lot - b.lot);
    for (const { slot } of more) if (look.length < wanted) look.push(...one(slot));
    return look;
  });
}
