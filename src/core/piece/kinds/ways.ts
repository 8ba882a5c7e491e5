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
export const WORN_IN = way('full-tuck', 'Worn in', 'Wear it inside the waistband.', { tuck: 'full' });
export const TUCKABLE: readonly Mode[] = [UNTUCKED, FRONT_TUCK, FULL_TUCK, HALF_TUCK];

export const OPEN = way('open', 'Open', 'Leave it open, so that the front makes one long line.', {
  front: 'open',
});
export const BUTTONED = way('buttoned', 'Closed', 'Close it at the waist.', { front: 'closed' });
export const BELTED = way('belted', 'Belted', 'Close it with a belt at the waist.', { waist: 'belted' });
export const KNOTTED = way('knotted', 'Knotted', 'Knot the two fronts at the waist.', { waist: 'knotted' });
/** A knit or a tee has no fronts to knot: its hem is twisted. */
export const TWISTED = way(
  'twist-knot',
  'Twisted at the hem',
  'Gather the hem at the front, twist it once and tuck the end under itself.',
  { waist: 'knotted' },
);
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
export const HALF_ON = way(
  'half-on',
  'Half on',
  'Put one arm in and lay the other side over the shoulder, its sleeve empty.',
  { arms: 'one free', front: 'open' },
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

/** Closed to the throat, a collar is a shade dressier; more of what is open is less. */
export const asButtonedUp = ({ cut, formality }: Attributes): readonly Mode[] =>
  cut.neckline === undefined || cut.neckline === 'collar'
    ? [
        way(
          'buttoned-up',
          'Buttoned to the neck',
          'Close every button, the top one too; no tie, and no necklace under it.',
          { collar: 'closed' },
          { formality: Math.min(10, formality + 0.5), cut: { ...cut, necklineDepthMm: 20 } },
        ),
      ]
    : [];

/** A narrow knot for a narrow collar and thick cloth, a wide one for a spread collar and thin silk. */
export const SMALL_KNOT = way(
  'small-knot',
  'Small knot',
  'Tie it once over and through, a narrow knot a little aslant: for a narrow or buttoned-down collar.',
  { knot: 'small' },
);
export const WIDE_KNOT = way(
  'wide-knot',
  'Wide knot',
  'Take it round both sides before you pull it through, an even, wider knot: for a spread collar.',
  { knot: 'wide' },
);

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
/** A chain dropped inside shows no metal. */
export const withChainIn = ({ metal }: Pick<Attributes, 'metal'>): readonly Mode[] =>
  metal === 'none'
    ? []
    : [
        way(
          'chain-in',
          'Chain inside',
          'Drop the chain inside and carry it in the hand: no metal shows.',
          { carried: 'in the hand' },
          { metal: 'none' },
        ),
      ];
export const AT_NECK = way(
  'neck',
  'At the neck',
  'Wind it once round the neck and let the ends hang in front.',
);

export const NAP_TURNED = way(
  'nap-turned',
  'Brushed the other way',
  'Brush the pile upwards: the cloth looks darker and deeper.',
  { nap: 'turned' },
);

/** The backs of sequins show a second colour where they have one. */
export const SEQUINS_TURNED = way(
  'nap-turned',
  'Sequins brushed back',
  'Brush the sequins the other way with a flat hand: their backs show.',
  { nap: 'turned' },
);

/** Linen and the like look a step smarter pressed than as they come. Common practice, no source. */
export const asPressed = ({ formality, fabric }: Pick<Attributes, 'formality' | 'fabric'>): Mode =>
  way(
    'pressed',
    'Pressed',
    'Press it while it is damp; it looks a step smarter until you sit down.',
    { press: 'pressed' },
    { formality: Math.min(10, formality + 1), fabric: { ...fabric, texture: 'smooth' } },
  );

/** Turned back to front, a wrap is plain in front and low behind. */
export const wrappedBehind = ({ cut }: Pick<Attributes, 'cut'>): Mode =>
  way(
    'wrap-back',
    'Back to front',
    'Put it on back to front and tie it behind: plain in front, a V at the back.',
    { wrapped: 'back' },
    { cut: { ...cut, neckline: 'boat', necklineDepthMm: 60, back: 'low' } },
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
    changes: Pick<Mode['changes'], 'slot' | 'covers' | 'volume'> & { readonly length: number },
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
    tied(
      'halter-loose',
      'As a loose halter',
      'Tie it as a halter, then unfold the lower edge so that it falls free of the waist.',
      'halter',
      { slot: 'top', length: Math.round(width * 0.8), volume: 'full', covers: ['chest', 'midriff'] },
    ),
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
    TWISTED,
    ROLLED,
    PUSHED,
    ROUND_SHOULDERS,
    AS_TOP,
    OVER_SHOULDERS,
    HALF_ON,
    AS_LAYER,
    COLLAR_UP,
    SMALL_KNOT,
    WIDE_KNOT,
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
