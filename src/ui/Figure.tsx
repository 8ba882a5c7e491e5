import { bodyOf } from '@core/figure';
import type { Profile } from '@core/client';
import { type Piece, wear } from '@core/piece';
import { type Drawing as DrawingData, figureDrawing, layersOf, type Side } from '@core/sketch';
import { type ReactNode, useMemo } from 'react';
import { Drawing } from './Drawing';

export interface FigureProps {
  readonly pieces: readonly Piece[];
  readonly client: Profile;
  readonly height: number;
  readonly title: string;
  readonly lit?: readonly string[] | undefined;
  /** From where she is seen; from the front when nothing is said. */
  readonly side?: Side | undefined;
  /** Beside words that say the same. */
  readonly decorative?: boolean;
  /** Laid over the drawing, in the same box (mm). */
  readonly over?: ((box: DrawingData['box']) => ReactNode) | undefined;
}

/** The client's figure wearing a look, to scale. */
export function Figure({ pieces, client, height, title, lit, side, decorative, over }: FigureProps) {
  const drawing = useMemo(() => {
    const body = bodyOf(client.measures);
    return figureDrawing(layersOf(pieces.map(wear), body), body, client, side);
  }, [pieces, client, side]);
  const figure = (
    <Drawing
      drawing={drawing}
      title={title}
      height={height}
      width={(drawing.box.w / drawing.box.h) * height}
      lit={lit}
      decorative={decorative}
    />
  );
  return over ? (
    <span className="figure-ruled">
      {figure}
      {over(drawing.box)}
    </span>
  ) : (
    figure
  );
}
