import { bodyOf, frameOf } from '@core/figure';
import { type FitMark, fitMarks, type FitVerdict, type PointFit } from '@core/fit';
import type { Profile } from '@core/client';
import { type Piece, wear } from '@core/piece';
import { figureDrawing, layersOf, svgItems } from '@core/sketch';
import { useId, useMemo } from 'react';
import './fit-figure.css';

interface Props {
  readonly piece: Piece;
  readonly client: Profile;
  readonly points: readonly PointFit[];
  readonly height?: number;
}

/** Never by colour alone: close is a solid line drawn in, roomy a dashed one drawn out. */
const LOOK: Readonly<
  Record<FitVerdict, { readonly colour: string; readonly dash?: string; readonly sign: string }>
> = {
  'too small': { colour: '#9a2a27', sign: '▸◂' },
  close: { colour: '#8a5a00', sign: '▸◂' },
  right: { colour: '#1f5c4d', sign: '•' },
  roomy: { colour: '#3b4a86', dash: '22 16', sign: '◂▸' },
  'too big': { colour: '#3b4a86', dash: '22 16', sign: '◂▸' },
};

/** A garment on the client's own figure, with a line at every point that was measured: where it is close, where roomy. */
export function FitFigure({ piece, client, points, height = 250 }: Props) {
  const prefix = useId().replace(/[^a-zA-Z0-9]/g, '');
  const { drawing, html, marks } = useMemo(() => {
    const body = bodyOf(client.measures);
    const drawn = figureDrawing(layersOf([wear(piece)], body), body, client);
    return {
      drawing: drawn,
      html: { __html: svgItems(drawn.items, prefix) },
      marks: fitMarks(points, frameOf(body, false), body),
    };
  }, [piece, client, points, prefix]);
  const { x, y, w, h } = drawing.box;
  return (
    <figure className="fit-figure">
      <span className="stage">
        <svg
          viewBox={`${x} ${y} ${w} ${h}`}
          height={height}
          role="img"
          aria-label={`${piece.title} on the client’s figure`}
        >
          <g dangerouslySetInnerHTML={html} />
          {marks.map((mark) => (
            <Mark key={mark.point} mark={mark} />
          ))}
        </svg>
      </span>
      <figcaption className="small">
        {marks.length === 0 ? (
          <span className="soft">Nobody measured this garment; there is nothing to draw.</span>
        ) : (
          <ul>
            {marks.map(({ point, verdict, words }) => (
              <li key={point} title={words}>
                <span aria-hidden style={{ color: LOOK[verdict].colour }}>
                  {LOOK[verdict].sign}
                </span>{' '}
                {words.split(';')[0]}
              </li>
            ))}
          </ul>
        )}
      </figcaption>
    </figure>
  );
}

/** From the body out to the cloth on either side; where the cloth is the smaller the ends stand inside of it. */
function Mark({ mark: { x, y, bodyHalf, clothHalf, verdict } }: { readonly mark: FitMark }) {
  const { colour, dash } = LOOK[verdict];
  const end = (at: number) => <path d={`M${at} ${y - 26}V${y + 26}`} stroke={colour} strokeWidth={11} />;
  return (
    <g fill="none">
      <path
        d={`M${x - clothHalf} ${y}H${x + clothHalf}`}
        stroke="#fff"
        strokeWidth={18}
        strokeOpacity={0.75}
      />
      <path
        d={`M${x - clothHalf} ${y}H${x + clothHalf}`}
        stroke={colour}
        strokeWidth={10}
        strokeDasharray={dash}
      />
      {end(x - clothHalf)}
      {end(x + clothHalf)}
      {verdict !== 'right' && (
        <g stroke="#26231f" strokeWidth={4} strokeOpacity={0.7}>
          <path d={`M${x - bodyHalf} ${y - 18}V${y + 18}`} />
          <path d={`M${x + bodyHalf} ${y - 18}V${y + 18}`} />
        </g>
      )}
    </g>
  );
}
