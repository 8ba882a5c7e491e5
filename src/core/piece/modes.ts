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

const AS_IS = plain('worn', 'Worn', 'Worn as it comes.');

/** Modes of wearing a piece: its own first, then those its category brings, each id once. */
export function modesOf(piece: Pick<Piece, 'modes' | 'category' | 'cut'>): readonly Mode[] {
  const common = (COMMON[piece.category] ?? [AS_IS]).filter(
    (mode) => mode.id !== 'sleeves-rolled' || piece.cut.sleeve === 'long',
  );
  const own = new Set(piece.modes.map((mode) => mode.id));
  return [...piece.modes, ...common.filter((mode) => !own.has(mode.id))];
}

/** The mode worn: the one named, else the first. */
export function modeOf(piece: Piece): Mode {
  const modes = modesOf(piece);
  return modes.find((mode) => mode.id === piece.mode) ?? modes[0] ?? AS_IS;
}
