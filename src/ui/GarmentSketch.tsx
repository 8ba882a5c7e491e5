import { bodyOf } from '@core/figure';
import { memo } from '@core/memo';
import type { Piece } from '@core/piece';
import { flatOf } from '@core/sketch';
import { Drawing } from './Drawing';

/** The body flats are laid out on; measures of the piece itself still decide its size. */
const USUAL = bodyOf({ heightMm: 1700 });
/** Rows of a list go and come as it is scrolled: what is drawn once stays drawn. */
const flat = memo((piece: Piece) => flatOf(piece, USUAL));

export interface GarmentSketchProps {
  readonly piece: Piece;
  /** Pixels per mm; one scale for all that hang together. */
  readonly scale?: number;
  /** Fit into this square instead, where scale does not matter. */
  readonly fit?: number;
  readonly decorative?: boolean;
  /** Id of its photo, shown in place of the sketch at the same size. */
  readonly photo?: string | undefined;
}

/** Small things are drawn larger and say so, or nobody would see them. */
const SMALL_MM = 130;
const LARGER = 3;

export function GarmentSketch({ piece, scale = 0.13, fit, decorative, photo }: GarmentSketchProps) {
  const drawing = flat(piece);
  const { w, h } = drawing.box;
  const times = fit === undefined && Math.max(w, h) < SMALL_MM ? LARGER : 1;
  const by = fit === undefined ? scale * times : fit / Math.max(w, h);
  if (photo)
    return (
      <img
        className="garment-photo"
        src={`/photo/${photo}`}
        alt={decorative ? '' : piece.title}
        height={Math.max(40, h * by)}
        loading="lazy"
        draggable={false}
      />
    );
  return (
    <span style={{ display: 'inline-block', position: 'relative', lineHeight: 0 }}>
      <Drawing drawing={drawing} title={piece.title} width={w * by} height={h * by} decorative={decorative} />
      {times > 1 && (
        <span
          className="garment-tag"
          style={{ position: 'absolute', right: -18, bottom: 0, lineHeight: 1, color: '#26231f' }}
        >
          ×{LARGER}
        </span>
      )}
    </span>
  );
}
