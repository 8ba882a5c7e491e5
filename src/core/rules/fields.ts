import { chroma, hue, isNeutral, lab, type Lab } from '../colour';
import { type Hem, hemHeight, type Landmarks } from '../figure';
import { type Slot, type Swatch, textureFamily, type TextureFamily, type Worn, type Zone } from '../piece';
import { memo } from '../memo';
import type { Scene } from './scene';

/** What rules ask of a colour of a piece, worked out once. */
export interface ColourFacts {
  readonly worn: Worn;
  /** Kind of cloth it is seen in. */
  readonly cloth: TextureFamily;
  readonly hex: string;
  readonly share: number;
  readonly colour: Lab;
  readonly chroma: number;
  readonly hue: number;
  /** It is no neutral, and its cloth makes it none. */
  readonly chromatic: boolean;
}

/** A colour of the look with the share of the visible cloth it takes. */
export interface Field extends ColourFacts {
  readonly area: number;
}

export const coloursOf = memo((worn: Worn): readonly ColourFacts[] =>
  worn.seen.map((swatch) => {
    const colour = lab(swatch.hex);
    return {
      worn,
      cloth: textureFamily(worn.piece.fabric),
      hex: swatch.hex,
      share: swatch.share,
      colour,
      chroma: chroma(colour),
      hue: hue(colour),
      chromatic: isChromatic(worn, swatch),
    };
  }),
);

/** Visible share of a piece, 0..1. */
export const areaOf = ({ areas }: Pick<Scene, 'areas'>, worn: Worn): number =>
  areas.pieces.get(worn.piece.id) ?? 0;

const allFields = memo((scene: Scene): readonly Field[] => {
  const fields: Field[] = [];
  for (const worn of scene.pieces) {
    const area = areaOf(scene, worn);
    for (const facts of coloursOf(worn)) fields.push({ ...facts, area: area * facts.share });
  }
  return fields;
});

/** Colours as seen, of at least `least` of the visible cloth. */
export const fieldsOf = (scene: Scene, least: number): Field[] =>
  allFields(scene).filter(({ area }) => area >= least);

export const inSlot = ({ pieces }: Pick<Scene, 'pieces'>, ...slots: readonly Slot[]): Worn[] =>
  pieces.filter((worn) => slots.includes(worn.slot));

/** The piece in a slot; of several slots the first that is filled counts, whatever the pieces are called. */
export function oneIn({ pieces }: Pick<Scene, 'pieces'>, ...slots: readonly Slot[]): Worn | undefined {
  for (const slot of slots) {
    const found = pieces.find((worn) => worn.slot === slot);
    if (found) return found;
  }
  return undefined;
}

/** Zones of the body that something of the look covers. */
export const coveredZones = memo(
  ({ cover }: Pick<Scene, 'cover'>): ReadonlySet<Zone> =>
    new Set([...cover.values()].flatMap((zones) => [...zones])),
);

/** A cloth tied as a top is the top. */
const MAIN_SLOTS: ReadonlySet<Worn['slot']> = new Set(['top', 'bottom', 'whole']);

/** A sandal is open by nature, unless its toe is said to be closed. */
export const isOpenToed = ({ piece, facts }: Worn): boolean =>
  piece.cut.toe === 'open' || (facts.openToed && piece.cut.toe === undefined);

/** A piece that carries the look. */
export const isMain = (worn: Worn): boolean =>
  worn.slot !== 'shoes' && (worn.facts.main || MAIN_SLOTS.has(worn.slot));

export const mainsOf = ({ pieces }: Pick<Scene, 'pieces'>): Worn[] => pieces.filter(isMain);

/** Largest colour of a piece as the eye meets it. */
export const mainHex = (worn: Worn): string => worn.seen[0]?.hex ?? '#808080';

/** Denim is a neutral by its cloth, whatever its blue; an animal print in neutrals behaves as one. */
export const isChromatic = (worn: Worn, swatch: Pick<Swatch, 'hex'>): boolean =>
  worn.piece.fabric.texture !== 'denim' && !isNeutral(swatch.hex);

/** A pattern that is seen as one: not plain, not too small. */
export const isPrint = (worn: Worn): boolean => !worn.micro;

export const isVivid = (hex: string, least: number): boolean => chroma(lab(hex)) >= least;

export const hemOf = ({ hems }: Pick<Scene, 'hems'>, worn: Worn | undefined): Hem | undefined =>
  worn && hems.find(({ piece }) => piece === worn.piece.id);

/** True when the client's own heights are known well enough for a hem to be judged. */
export const knowsBody = ({ client: { measures } }: Pick<Scene, 'client'>): boolean =>
  measures.heightMm !== undefined ||
  measures.insideLegLength !== undefined ||
  measures.waistHeight !== undefined;

/** Cloth of an untucked top below the natural waist, mm, below nothing where it ends above; undefined where it has no hem. */
export function belowWaist(worn: Worn, marks: Landmarks): number | undefined {
  const hem = hemHeight({ ...worn, effects: {} }, marks);
  return hem === undefined ? undefined : Math.round(marks.waist - hem);
}

/** Height above the floor, in shoes, of the waist the eye sees: the waistband, or the natural waist. */
export function waistbandOf(scene: Scene, lift: number): number {
  const bottom = oneIn(scene, 'bottom');
  const rise = bottom?.measures.rise;
  return (
    (rise === undefined ? scene.marks.waist : Math.min(scene.marks.crotch + rise, scene.marks.waist + 40)) +
    lift
  );
}
