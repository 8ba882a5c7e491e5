import type { Attributes, Effects, Mode } from '../attributes';

const way = (
  id: string,
  title: string,
  how: string,
  effects: Effects = {},
  changes: Mode['changes'] = {},
): Mode => ({ id, title, how, changes, effects });

export const AS_IS = way('worn', 'Worn', 'Worn as it comes.');

export const UNTUCKED = way('untucked', 'Untucked', 'Wear it loose over the waistband.', { tuck: 'out' });
const FULL_TUCK = way(
  'full-tuck',
  'Full tuck',
  'Tuck it in all round, then raise both arms once to ease it out a little.',
  { tuck: 'full' },
);
const HALF_TUCK = way('half-tuck', 'Half tuck', 'Tuck one side of the front only and let the other fall.', {
  tuck: 'half',
});
export const FRONT_TUCK = way(
  'front-tuck',
  'Front tuck',
  'Tuck the front middle only; leave sides and back out.',
  { tuck: 'front' },
);
export const WORN_IN = way('full-tuck', 'Worn in', 'Worn inside the waistband.', { tuck: 'full' });
export const TUCKABLE: readonly Mode[] = [UNTUCKED, FRONT_TUCK, FULL_TUCK, HALF_TUCK];

export const OPEN = way('open', 'Open', 'Leave it open, so that the front makes one long line.', {
  front: 'open',
});
export const BUTTONED = way('buttoned', 'Closed', 'Close it at the waist.', { front: 'closed' });
export const BELTED = way('belted', 'Belted', 'Close it with a belt at the waist.', { waist: 'belted' });
export const KNOTTED = way('knotted', 'Knotted', 'Knot the two fronts at the waist.', { waist: 'knotted' });
export const ROLLED = way(
  'sleeves-rolled',
  'Sleeves rolled',
  'Fold the cuff twice, to just below the elbow.',
  {
    sleeves: 'rolled',
  },
);
/** Longer than three quarters, pushed up as one works. */
export const PUSHED = way(
  'sleeves-pushed',
  'Sleeves pushed up',
  'Push the sleeves up to just below the elbow.',
  {
    sleeves: 'pushed',
  },
);
/** A knit as a scarf would lie: it warms, and covers nothing. */
export const ROUND_SHOULDERS = way(
  'round-shoulders',
  'Round the shoulders',
  'Lay it over the shoulders and tie the sleeves loosely in front.',
  { arms: 'free', as: 'round the shoulders' },
  { slot: 'layer' },
);
/** A jacket with nothing over or under it but a slip. */
export const AS_TOP = way(
  'as-top',
  'Closed, as a top',
  'Close it over a slip or bare skin; a pin on the inside keeps the front shut.',
  { front: 'closed', as: 'top', tuck: 'out' },
  { slot: 'top' },
);
export const OVER_SHOULDERS = way(
  'over-shoulders',
  'Over the shoulders',
  'Lay it over the shoulders, arms free.',
  { arms: 'free' },
);
export const AS_LAYER = way(
  'layer',
  'As a layer',
  'Wear it open over something close.',
  { as: 'layer' },
  { slot: 'layer' },
);
export const COLLAR_UP = way('collar-up', 'Collar up', 'Turn the collar up and let it stand at the neck.', {
  collar: 'up',
});

export const OVER_SHOE = way('out', 'Over the shoe', 'Let the hem fall over the shoe.', {
  leg: 'over the shoe',
});
export const CUFFED = way('cuffed', 'Cuffed', 'Turn the hem up twice.', { leg: 'cuffed' });
export const IN_BOOT = way('into-boots', 'Into boots', 'Tuck the leg into the boot shaft.', {
  leg: 'in the boot',
});

export const SHORT_STRAP = way('short-strap', 'Short strap', 'Carry it under the arm.', {
  carried: 'under the arm',
});
export const CROSSBODY = way('crossbody', 'Crossbody', 'Wear the strap across the body, bag at the hip.', {
  carried: 'across',
});
export const IN_HAND = way('hand-carried', 'In the hand', 'Carry it in the hand.', {
  carried: 'in the hand',
});
export const AT_NECK = way('neck', 'At the neck', 'Once round the neck, ends hanging in front.');

export const NAP_TURNED = way(
  'nap-turned',
  'Brushed the other way',
  'Brush the pile upwards: the cloth looks darker and deeper.',
  { nap: 'turned' },
);

/** Where a wrapped front may be tied. */
export const WRAPS: readonly Mode[] = [
  way('wrap-side', 'Tied at the side', 'Wrap it and tie at the side seam.', { wrapped: 'side' }),
  way('wrap-low', 'Tied low', 'Let it cross lower and tie at the hip.', { wrapped: 'low' }),
  way('wrap-deep', 'Deep wrap', 'Cross it loosely, for a deeper neck; pin it on the inside.', {
    wrapped: 'deep',
  }),
];

const BENEATH = way(
  'beneath',
  'Beneath',
  'Wear it under a dress or a knit, close to the skin.',
  { as: 'beneath' },
  { slot: 'beneath' },
);
export const beneath = (): readonly Mode[] => [BENEATH];

const AS_TROUSERS = way(
  'as-trousers',
  'As trousers',
  'Wear a top over it; only the legs show.',
  { shows: 'below the waist' },
  { slot: 'bottom' },
);
export const asTrousers = (): readonly Mode[] => [AS_TROUSERS];

const AS_SKIRT = way(
  'skirt',
  'As a skirt',
  'Wear a knit over it; only the skirt shows.',
  { shows: 'below the waist' },
  { slot: 'bottom' },
);
export const asSkirt = (): readonly Mode[] => [AS_SKIRT];

const OPEN_LAYER = way(
  'layer',
  'As a layer',
  'Leave it open over a top and trousers, like a long coat.',
  { as: 'layer' },
  { slot: 'layer' },
);
/** A shirt dress buttons down, and opens like a coat. */
export const asOpenLayer = ({ cut }: Pick<Attributes, 'cut'>): readonly Mode[] =>
  cut.neckline === 'collar' ? [OPEN_LAYER] : [];

/** Ways of a big square or oblong. Whether the cloth is big enough for this client is rule M1. */
export function tiedCloth({ measures }: Pick<Attributes, 'measures'>): readonly Mode[] {
  const width = measures.width ?? 350;
  if (width < 600) return [];
  const lower = ['seat', 'thighs'] as const;
  const tied = (
    id: string,
    title: string,
    how: string,
    as: NonNullable<Effects['tied']>,
    changes: Pick<Mode['changes'], 'slot' | 'covers'> & { readonly length: number },
  ): Mode => {
    const { length, ...rest } = changes;
    return way(id, title, how, { tied: as }, { ...rest, measures: { ...measures, length } });
  };
  return [
    tied('skirt', 'As a skirt', 'Wrap it round the waist, knot two corners at the side.', 'skirt', {
      slot: 'bottom',
      length: width,
      covers: [...lower, ...(width > 850 ? (['knees'] as const) : [])],
    }),
    tied(
      'mini-skirt',
      'As a short skirt',
      'Fold it in half along its length, then wrap and knot.',
      'short skirt',
      { slot: 'bottom', length: Math.round(width / 2), covers: ['seat'] },
    ),
    tied(
      'dress',
      'As a dress',
      'Wrap it under the arms and knot at the chest; wear shorts beneath.',
      'dress',
      {
        slot: 'whole',
        length: width,
        covers: ['chest', 'midriff', 'back', ...lower],
      },
    ),
    tied('halter', 'As a halter', 'Tie two corners behind the neck and two at the back.', 'halter', {
      slot: 'top',
      length: Math.round(width * 0.6),
      covers: ['chest', 'midriff'],
    }),
  ];
}

/**
 * Our own ways by id: a file from elsewhere that names one of them means the same, whatever it is a way to wear. What depends
 * on the piece (a cloth tied as a skirt) is not among them.
 */
export const KNOWN: ReadonlyMap<string, Mode> = new Map(
  [
    ...TUCKABLE,
    OPEN,
    BUTTONED,
    BELTED,
    KNOTTED,
    ROLLED,
    PUSHED,
    ROUND_SHOULDERS,
    AS_TOP,
    OVER_SHOULDERS,
    AS_LAYER,
    COLLAR_UP,
    OVER_SHOE,
    CUFFED,
    IN_BOOT,
    SHORT_STRAP,
    CROSSBODY,
    IN_HAND,
    NAP_TURNED,
    ...WRAPS,
    BENEATH,
  ].map((mode) => [mode.id, mode]),
);
