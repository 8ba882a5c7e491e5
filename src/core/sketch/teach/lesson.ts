import { type Body, frameOf } from '../../figure';
import { type Piece, pieceFrom, wear } from '../../piece';
import type { Drawing, Item } from '../display';
import { figureDrawing } from '../dressed';
import { type Region, within } from './hands';
import { flatOf, layersOf } from '../worn';

/** One of the few steps to a way of wearing: what the hands do, and how it looks then. */
export interface TaughtStep {
  readonly says: string;
  readonly drawing: Drawing;
}

/** What the teaching figure wears besides: plain, so that only the lesson is seen. */
export const PLAIN = '#cfc8bb';
export const company = (piece: Piece): Piece[] => {
  const { slot } = wear(piece);
  const plain = (category: Piece['category']): Piece =>
    pieceFrom({ id: `plain ${category}`, category, colours: [{ hex: PLAIN, share: 1 }] });
  const top = { ...plain('tee'), mode: 'full-tuck' };
  const lower = slot === 'bottom' || slot === 'whole';
  const upper = slot === 'top' || slot === 'whole';
  return [...(upper ? [] : [top]), ...(lower ? [] : [plain('trousers')])];
};

/** A piece on the teaching figure: what the lessons of its ways of wearing are drawn with. */
export class Lesson {
  readonly frame;
  constructor(
    readonly piece: Piece,
    readonly body: Body,
  ) {
    this.frame = frameOf(body, false);
  }

  /** The piece worn in a way, in a region, with what the hands do. */
  worn(
    changes: Partial<Piece>,
    region: Region,
    hands: readonly Item[] = [],
    more: readonly Piece[] = [],
  ): Drawing {
    const pieces = [...company(this.piece), ...more, { ...this.piece, ...changes }];
    return within(region, [...this.without(pieces), ...hands]);
  }

  /** The piece as it lies, with what the hands do. */
  flat(hands: (box: Drawing['box']) => readonly Item[]): Drawing {
    const { box, items } = flatOf({ ...this.piece, mode: undefined }, this.body);
    return { box, items: [...items, ...hands(box)] };
  }

  get waist(): Region {
    const { waist } = this.frame.y;
    return { x: -250, y: waist - 200, w: 500, h: 420 };
  }

  get feet(): Region {
    const { knee } = this.frame.y;
    return { x: -230, y: knee - 60, w: 460, h: -knee + 120 };
  }

  get chest(): Region {
    const { chin } = this.frame.y;
    return { x: -270, y: chin - 40, w: 540, h: 470 };
  }

  get arms(): Region {
    const { tip, wrist } = this.frame.y;
    return { x: -330, y: tip - 60, w: 660, h: wrist - tip + 220 };
  }

  /** The figure in what it wears besides, or in what is given. */
  without(pieces: readonly Piece[] = company(this.piece)): readonly Item[] {
    return figureDrawing(layersOf(pieces.map(wear), this.body), this.body).items;
  }
}
