import { sleeveOf } from './cut-of';
import { CATEGORY } from './kinds';
import {
  AS_IS,
  asPressed,
  COLLAR_UP,
  KNOWN,
  NAP_TURNED,
  SEQUINS_TURNED,
  wrappedBehind,
  WRAPS,
} from './kinds/ways';
import type { Attributes, Mode } from './attributes';
import type { Piece } from './piece';

/** A removable part comes off: sleeves, an overskirt, a cape, an inset. */
function withoutParts({ parts, cut }: Pick<Piece, 'parts' | 'cut'>): readonly Mode[] {
  return parts
    .filter((part) => part.detachable)
    .map((part): Mode => {
      const sleeves = part.zone === 'upper-arms' || part.zone === 'lower-arms';
      const name = sleeves ? 'sleeves' : (PART_WORDS[part.zone] ?? part.zone);
      return {
        id: `without-${name}`,
        title: `Without the ${name}`,
        how: `Take the ${name} off and keep ${sleeves ? 'them' : 'it'} in the bag.`,
        changes: {
          parts: parts.filter((other) => other !== part),
          ...(sleeves ? { cut: { ...cut, sleeve: 'none' } } : {}),
        },
      };
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
    {
      id: 'reversed',
      title: 'Reversed',
      how: 'Turn it inside out; the other side shows.',
      changes: {
        colours: [
          { ...inside, share: 1 - rest.reduce((sum, { share }) => sum + share, 0) - (back ? 0.06 : 0) },
          ...(back ? [{ ...front, share: 0.06 }] : []),
          ...rest,
        ],
        pattern: { kind: 'solid', repeatMm: 10, contrast: 0 },
      },
    },
  ];
}

/** Cloths whose pile can be brushed the other way. */
const NAPPED: readonly Attributes['fabric']['texture'][] = ['velvet', 'suede', 'fur', 'corduroy'];

/** Cloths that come creased and press flat. */
const CREASES: readonly Attributes['fabric']['texture'][] = ['linen', 'crinkle'];

/** Modes that a piece has by its category, cut, cloth and parts. */
function usualModes(piece: Attributes & Pick<Piece, 'category'>): readonly Mode[] {
  const kind = CATEGORY[piece.category];
  const { cut, fabric } = piece;
  const sleeve = sleeveOf(piece);
  const usual = kind.ways.filter(
    ({ effects }) => effects?.sleeves === undefined || sleeve === 'long' || sleeve === 'three-quarter',
  );
  const hasCollar = (cut.neckline === 'collar' && !kind.skirted) || kind.collared;
  return [
    ...(kind.wraps && cut.neckline === 'wrap' ? [...WRAPS, wrappedBehind(piece)] : usual),
    ...(hasCollar ? [COLLAR_UP] : []),
    ...kind.more.flatMap((more) => more(piece)),
    ...(NAPPED.includes(fabric.texture) ? [NAP_TURNED] : []),
    ...(fabric.texture === 'sequin' ? [SEQUINS_TURNED] : []),
    ...(CREASES.includes(fabric.texture) && kind.main ? [asPressed(piece)] : []),
    ...withoutParts(piece),
    ...reversed(piece),
  ];
}

/** Modes of wearing a piece: its own first, then those its category brings, each id once; each says what it does. */
export function modesOf(piece: Attributes & Pick<Piece, 'modes' | 'category'>): readonly Mode[] {
  const usual = usualModes(piece);
  if (piece.modes.length === 0) return usual;
  const own = piece.modes.map((mode) => saying(mode, usual));
  const ids = new Set(own.map(({ id }) => id));
  return [...own, ...usual.filter((mode) => !ids.has(mode.id))];
}

/** A mode with what it does: as it says itself, else as its id is known for, first among the ways of such a piece. */
const saying = (mode: Mode, usual: readonly Mode[]): Mode =>
  mode.effects
    ? mode
    : { ...mode, effects: usual.find(({ id }) => id === mode.id)?.effects ?? KNOWN.get(mode.id)?.effects };

/** The mode worn: the one named, though most would not wear it so; else the first. */
export function modeOf(piece: Piece): Mode {
  const modes = modesOf(piece);
  return modes.find((mode) => mode.id === piece.mode) ?? KNOWN.get(piece.mode ?? '') ?? modes[0] ?? AS_IS;
}
