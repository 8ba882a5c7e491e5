import { svgPath } from '@core/path';
import type { Drawing as DrawingData, Item } from '@core/sketch';
import { memo, type ReactNode, useId } from 'react';

export interface DrawingProps {
  readonly drawing: DrawingData;
  readonly title: string;
  readonly width?: number | undefined;
  readonly height?: number | undefined;
  /** Pieces to light; the others are dimmed. */
  readonly lit?: readonly string[] | undefined;
  readonly decorative?: boolean | undefined;
}

/** Paints a display list as SVG. It only paints: every shape was computed in core. */
export const Drawing = memo(function Drawing({
  drawing,
  title,
  width,
  height,
  lit,
  decorative,
}: DrawingProps) {
  const prefix = useId().replace(/[^a-zA-Z0-9]/g, '');
  const { x, y, w, h } = drawing.box;
  let clips = 0;
  const paint = (item: Item, key: number): ReactNode => {
    if (item.kind === 'group') {
      const dim = lit !== undefined && lit.length > 0 && !lit.includes(item.id);
      return (
        <g key={key} data-piece={item.id} opacity={dim ? 0.25 : undefined}>
          {item.items.map(paint)}
        </g>
      );
    }
    if (item.kind === 'clip') {
      const id = `${prefix}-${clips++}`;
      return (
        <g key={key} opacity={item.opacity}>
          <clipPath id={id}>
            <path d={svgPath(item.path)} />
          </clipPath>
          <g clipPath={`url(#${id})`}>{item.items.map(paint)}</g>
        </g>
      );
    }
    return (
      <path
        key={key}
        d={svgPath(item.path)}
        fill={item.fill ?? 'none'}
        opacity={item.opacity}
        stroke={item.stroke}
        strokeWidth={item.stroke ? (item.strokeMm ?? 2) : undefined}
        strokeDasharray={item.dash?.join(' ')}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    );
  };
  const label = decorative ? { 'aria-hidden': true as const } : { role: 'img', 'aria-label': title };
  return (
    <svg viewBox={`${x} ${y} ${w} ${h}`} width={width} height={height} {...label}>
      {drawing.items.map(paint)}
    </svg>
  );
});
