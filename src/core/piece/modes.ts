import type { Mode, Piece } from './piece';
import type { Category } from './words';

const plain = (id: string, title: string, how: string, changes: Mode['changes'] = {}): Mode => ({
  id,
  title,
  how,
  changes,
});

const UNTUCKED = plain('untucked', 'Untucked', 'Wear it loose over the waistband.');
const FULL_TUCK = plain(
  'full-tuck',
  'Full tuck',
  'Tuck it in all round, then raise both arms once to ease it out a little.',
);
const HALF_TUCK = plain('half-tuck', 'Half tuck', 'Tuck one side of the front only and let the other fall.');
const FRONT_TUCK = plain('front-tuck', 'Front tuck', 'Tuck the front middle only; leave sides and back out.');
const OPEN = plain('open', 'Open', 'Leave it open, so that the front makes one long line.');
const BUTTONED = plain('buttoned', 'Closed', 'Close it at the waist.');
const ROLLED = plain('sleeves-rolled', 'Sleeves rolled', 'Fold the cuff twice, to just below the elbow.', {});
const OVER_SHOULDERS = plain('over-shoulders', 'Over the shoulders', 'Lay it over the shoulders, arms free.');
const AS_LAYER = plain('layer', 'As a layer', 'Wear it open over something close.', { slot: 'layer' });
const KNOTTED = plain('knotted', 'Knotted', 'Knot the two fronts at the waist.');
const SHORT = plain('short-strap', 'Short strap', 'Carry it under the arm.');
const CROSS = plain('crossbody', 'Crossbody', 'Wear the strap across the body, bag at the hip.');
const HAND = plain('hand-carried', 'In the hand', 'Carry it in the hand.');
const AT_NECK = plain('neck', 'At the neck', 'Once round the neck, ends hanging in front.');
const INTO_BOOTS = plain('into-boots', 'Into boots', 'Tuck the leg into the boot shaft.');
const BELTED = plain('belted', 'Belted', 'Close it with a belt at the waist.');

const TUCKABLE: readonly Mode[] = [UNTUCKED, FRONT_TUCK, FULL_TUCK, HALF_TUCK];
const COMMON: Partial<Record<Category, readonly Mode[]>> = {
  tee: TUCKABLE,
  tank: TUCKABLE,
  shirt: [...TUCKABLE, ROLLED, KNOTTED, AS_LAYER],
  blouse: TUCKABLE,
  polo: TUCKABLE,
  'fine-knit': TUCKABLE,
  'chunky-knit': [UNTUCKED, FRONT_TUCK],
  bodysuit: [plain('full-tuck', 'Worn in', 'Worn inside the waistband.')],
  tunic: [UNTUCKED, BELTED],
  sweatshirt: [UNTUCKED, FRONT_TUCK],
  gilet: [OPEN, BUTTONED],
  cardigan: [OPEN, BUTTONED, OVER_SHOULDERS],
  waistcoat: [BUTTONED, OPEN],
  blazer: [OPEN, BUTTONED, OVER_SHOULDERS, ROLLED],
  jacket: [OPEN, BUTTONED, OVER_SHOULDERS],
  overshirt: [OPEN, BUTTONED, ROLLED],
  coat: [OPEN, BUTTONED, BELTED, OVER_SHOULDERS],
  raincoat: [OPEN, BUTTONED, BELTED],
  trousers: [plain('out', 'Over the shoe', 'Let the hem fall over the shoe.'), INTO_BOOTS],
  jeans: [
    plain('out', 'Over the shoe', 'Let the hem fall over the shoe.'),
    plain('cuffed', 'Cuffed', 'Turn the hem up twice.'),
    INTO_BOOTS,
  ],
  bag: [SHORT, CROSS, HAND],
  scarf: [AT_NECK],
};

const COLLAR_UP = plain('collar-up', 'Collar up', 'Turn the collar up and let it stand at the neck.');
const BENEATH = plain('beneath', 'Beneath', 'Wear it under a dress or a knit, close to the skin.', {
  slot: 'beneath',
});
const DRESS_AS_SKIRT = plain('skirt', 'As a skirt', 'Wear a knit over it; only the skirt shows.', {
  slot: 'bottom',
});
const DRESS_AS_LAYER = plain(
  'layer',
  'As a layer',
  'Leave it open over a top and trousers, like a long coat.',
  { slot: 'layer' },
);
const TURNED = plain(
  'nap-turned',
  'Brushed the other way',
  'Brush the pile upwards: the cloth looks darker and deeper.',
);
const WRAPS: readonly Mode[] = [
  plain('wrap-side', 'Tied at the side', 'Wrap it and tie at the side seam.'),
  plain('wrap-low', 'Tied low', 'Let it cross lower and tie at the hip.'),
  plain('wrap-deep', 'Deep wrap', 'Cross it loosely, for a deeper neck; pin it on the inside.'),
];

/** Ways of a big square or oblong. Whether the cloth is big enough for this client is rule M1. */
function tiedCloth({ measures }: Pick<Piece, 'measures'>): readonly Mode[] {
  const width = measures.width ?? 350;
  if (width < 600) return [];
  const lower = ['seat', 'thighs'] as const;
  const turn = (
    id: string,
    title: string,
    how: string,
    slot: 'bottom' | 'whole' | 'top',
    length: number,
    covers: Mode['changes']['covers'],
  ): Mode => plain(id, title, how, { slot, covers, measures: { ...measures, length } });
  return [
    turn('skirt', 'As a skirt', 'Wrap it round the waist, knot two corners at the side.', 'bottom', width, [
      ...lower,
      ...(width > 850 ? (['knees'] as const) : []),
    ]),
    turn(
      'mini-skirt',
      'As a short skirt',
      'Fold it in half along its length, then wrap and knot.',
      'bottom',
      Math.round(width / 2),
      ['seat'],
    ),
    turn(
      'dress',
      'As a dress',
      'Wrap it under the arms and knot at the chest; wear shorts beneath.',
      'whole',
      width,
      ['chest', 'midriff', 'back', ...lower],
    ),
    turn(
      'halter',
      'As a halter',
      'Tie two corners behind the neck and two at the back.',
      'top',
      Math.round(width * 0.6),
      ['chest', 'midriff'],
    ),
  ];
}

/** A removable part comes off: sleeves, an overskirt, a cape, an inset. */
function withoutParts({ parts, cut }: Pick<Piece, 'parts' | 'cut'>): readonly Mode[] {
  return parts
    .filter((part) => part.detachable)
    .map((part): Mode => {
      const sleeves = part.zone === 'upper-arms' || part.zone === 'lower-arms';
      const name = sleeves ? 'sleeves' : (PART_WORDS[part.zone] ?? part.zone);
      return plain(
        `without-${name}`,
        `Without the ${name}`,
        `Take the ${name} off and keep ${sleeves ? 'them' : 'it'} in the bag.`,
        {
          parts: parts.filter((other) => other !== part),
          ...(sleeves ? { cut: { ...cut, sleeve: 'none' } } : {}),
        },
      );
    });
}
const PART_WORDS: Partial<Record<string, string>> = {
  seat: 'overskirt',
  thighs: 'overskirt',
  knees: 'overskirt',
  calves: 'overskirt',
  shoulders: 'cape',
  back: 'cape',
  chest: 'inset',
};

/** The other side of a reversible piece: its second colour becomes the first. */
function reversed({ colours, facts }: Pick<Piece, 'colours' | 'facts'>): readonly Mode[] {
  if (!facts.reversible) return [];
  const [front, back, ...rest] = colours;
  if (!front) return [];
  const inside = back ?? { ...front, hex: '#84868a' };
  return [
    plain('reversed', 'Reversed', 'Turn it inside out; the other side shows.', {
      colours: [
        { ...inside, share: 1 - rest.reduce((sum, { share }) => sum + share, 0) - (back ? 0.06 : 0) },
        ...(back ? [{ ...front, share: 0.06 }] : []),
        ...rest,
      ],
      pattern: { kind: 'solid', repeatMm: 10, contrast: 0 },
    }),
  ];
}

const AS_IS = plain('worn', 'Worn', 'Worn as it comes.');

/** Modes of wearing a piece: its own first, then those its category brings, each id once. */
export function modesOf(
  piece: Pick<Piece, 'modes' | 'category' | 'cut' | 'colours' | 'facts' | 'parts' | 'measures' | 'fabric'>,
): readonly Mode[] {
  const usual = (COMMON[piece.category] ?? [AS_IS]).filter(
    (mode) => mode.id !== 'sleeves-rolled' || piece.cut.sleeve === 'long',
  );
  const collared = piece.cut.neckline === 'collar' || ['blazer', 'coat', 'raincoat'].includes(piece.category);
  const wrapped =
    piece.cut.neckline === 'wrap' && (piece.category === 'dress' || piece.category === 'blouse');
  const common: readonly Mode[] = [
    ...(wrapped ? WRAPS : usual),
    ...(collared && piece.category !== 'dress' ? [COLLAR_UP] : []),
    ...(['tee', 'tank', 'fine-knit', 'shirt', 'bodysuit'].includes(piece.category) ? [BENEATH] : []),
    ...(piece.category === 'dress' ? [DRESS_AS_SKIRT] : []),
    ...(piece.category === 'dress' && piece.cut.neckline === 'collar' ? [DRESS_AS_LAYER] : []),
    ...(['velvet', 'suede', 'fur', 'corduroy'].includes(piece.fabric.texture) ? [TURNED] : []),
    ...(piece.category === 'scarf' ? tiedCloth(piece) : []),
    ...withoutParts(piece),
    ...reversed(piece),
  ];
  const own = new Set(piece.modes.map((mode) => mode.id));
  return [...piece.modes, ...common.filter((mode) => !own.has(mode.id))];
}

/** The mode worn: the one named, else the first. */
export function modeOf(piece: Piece): Mode {
  const modes = modesOf(piece);
  return modes.find((mode) => mode.id === piece.mode) ?? modes[0] ?? AS_IS;
}
