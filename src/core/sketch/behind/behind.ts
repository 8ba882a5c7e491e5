import type { Frame } from '../../figure';
import { mirrorPath, type Path, symmetric } from '../../path';
import type { Cut, Part, Worn } from '../../piece';
import { band } from '../band';
import { backDetails } from './behind-details';
import { capeBehind, drapeBehind, knitOnBack, veilBehind } from './behind-drape';
import { shoeBehind } from './behind-shoe';
import type { Panel, Sketch } from '../display';
import { sketchOf } from '../garment';
import { isSkirt, isSleeve, overskirtOf } from '../parts';

const NOTHING: Sketch = { panels: [], lines: [], dots: [] };

/** How far a usual back neck lies below the shoulder point, and a low and an open back, mm. Common practice. */
const BACK_NECK = { covered: 26, keyhole: 26, low: 300, open: 400 } as const;

/**
 * The shapes of a worn piece seen from behind, as somebody who walks behind her sees them: right and left change
 * places. Same frame and same measures as in front, so that hems and edges stand where they stood.
 */
export const backSketchOf = (frame: Frame, worn: Worn): Sketch => rightForLeft(unturned(frame, worn));

function unturned(frame: Frame, worn: Worn): Sketch {
  if (worn.effects.tied !== undefined) return sketchOf(frame, worn);
  if (worn.effects.as === 'round the shoulders') return knitOnBack(frame);
  switch (worn.facts.shape) {
    case 'upper':
    case 'lower':
    case 'whole':
      return cloth(frame, worn);
    case 'shoe':
      return shoeBehind(frame, worn);
    case 'drape':
      return drapeBehind(frame, worn);
    case 'strip':
      return worn.facts.drawn.as === 'belt' ? plainStrap(sketchOf(frame, worn)) : NOTHING;
    case 'jewel':
      return jewel(frame, worn);
    case 'head':
      return worn.facts.drawn.as === 'veil' ? veilBehind(frame, worn) : sketchOf(frame, worn);
    default:
      return sketchOf(frame, worn);
  }
}

/** Tops, bottoms, dresses and layers: the same outline, closed, with a back neck; then what is cut behind. */
function cloth(frame: Frame, worn: Worn): Sketch {
  const behind = asBehind(worn);
  const base = sketchOf(frame, behind);
  const { panels, lines: marks, dots } = backDetails(frame, worn, base);
  return {
    ...base,
    panels: [...base.panels, ...partsBehind(frame, worn), ...panels],
    lines: [...base.lines, ...marks],
    dots,
  };
}

/** The piece as its back is cut: no opening, no placket, no pockets, nothing tucked in front. */
function asBehind(worn: Worn): Worn {
  const { piece, effects, facts, measures } = worn;
  const { tuck, waist } = effects;
  const knotted = waist === 'knotted';
  const layer = facts.slot === 'layer';
  return {
    ...worn,
    slot: worn.slot === 'layer' ? 'top' : worn.slot,
    measures: { ...measures, length: measures.lengthBack ?? measures.length, lengthBack: undefined },
    effects: {
      ...effects,
      front: undefined,
      collar: undefined,
      wrapped: undefined,
      tuck: knotted ? 'full' : tuck === 'front' || tuck === 'half' ? 'out' : tuck,
      waist: knotted ? undefined : waist,
    },
    piece: { ...piece, cut: cutBehind(piece.cut), parts: piece.parts.map(sleevesAlone) },
    facts: {
      ...facts,
      slot: layer ? 'top' : facts.slot,
      drawn: {
        ...facts.drawn,
        placket: undefined,
        chestPocket: undefined,
        throat: undefined,
        front: undefined,
        trousers: facts.drawn.trousers && { band: facts.drawn.trousers.band },
      },
    },
  };
}

/** Parts that are shapes of their own are laid behind by `partsBehind`; sleeves keep the cloth of theirs. */
const sleevesAlone = (part: Part): Part => (isSleeve(part) ? part : { ...part, zone: 'feet' });

function cutBehind(cut: Cut): Cut {
  const { neckline = 'crew', back = 'covered' } = cut;
  const plain = { ...cut, necklineDepthMm: undefined };
  if (neckline === 'halter') return { ...plain, neckline: 'strapless', necklineDepthMm: BACK_NECK.low };
  const depth = BACK_NECK[back];
  const strappy = cut.strap === 'thin' || cut.strap === 'wide';
  if (neckline === 'strapless' || strappy) return depth > 100 ? { ...plain, necklineDepthMm: depth } : plain;
  if (neckline === 'one-shoulder' || neckline === 'high' || neckline === 'roll' || neckline === 'boat')
    return plain;
  return { ...plain, neckline: depth > 100 ? 'scoop' : 'crew', necklineDepthMm: depth };
}

/** What differs behind: sleeves keep their cloth, a cape lies over the back, an overskirt closes. */
function partsBehind(frame: Frame, worn: Worn): Panel[] {
  return worn.piece.parts.flatMap((each, part): Panel[] => {
    if (each.zone === 'shoulders' || each.zone === 'back') return [{ path: capeBehind(frame), part }];
    if (!isSkirt(each)) return [];
    const { waist, right } = overskirtOf(frame, worn);
    return [{ path: symmetric([['M', 0, waist[1] + 8], ['L', ...waist], ...right]), part }];
  });
}

/** Of a necklace the chain at the nape, of a watch its strap; what is pinned or worn in front is not seen. */
function jewel(frame: Frame, worn: Worn): Sketch {
  const { as } = worn.facts.drawn;
  if (as === 'brooch' || as === 'sunglasses') return NOTHING;
  if (as === 'watch') return plainStrap(sketchOf(frame, worn));
  if (as !== 'necklace') return sketchOf(frame, worn);
  const n = frame.neckHalf * 0.98;
  const nape: Path = band(
    [
      [-n, frame.y.neck - 4],
      [0, frame.y.neck + 6],
      [n, frame.y.neck - 4],
    ],
    5,
  );
  return { panels: [{ path: nape, tone: 'metal' }], lines: [], dots: [] };
}

/** The strap alone: buckle and face are in front. */
const plainStrap = ({ panels }: Sketch): Sketch => ({ panels: panels.slice(0, 1), lines: [], dots: [] });

const rightForLeft = (sketch: Sketch): Sketch => ({
  panels: sketch.panels.map((panel) => ({
    ...panel,
    path: mirrorPath(panel.path),
    turn: panel.turn === undefined ? undefined : -panel.turn,
    light:
      panel.light === undefined || panel.light === 'legs'
        ? panel.light
        : [
            [-panel.light[0][0], panel.light[0][1]],
            [-panel.light[1][0], panel.light[1][1]],
          ],
  })),
  lines: sketch.lines.map((line) => ({ ...line, path: mirrorPath(line.path) })),
  falls: sketch.falls?.map(mirrorPath),
  dots: sketch.dots.map((dot) => ({ ...dot, x: -dot.x })),
});
