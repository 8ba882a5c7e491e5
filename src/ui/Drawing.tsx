import { type Drawing as DrawingData, type Item, svgItems } from '@core/sketch';
import { memo, useId, useMemo } from 'react';

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
  const { x, y, w, h } = drawing.box;
  const label = decorative ? { 'aria-hidden': true as const } : { role: 'img', 'aria-label': title };
  return (
    <svg viewBox={`${x} ${y} ${w} ${h}`} width={width} height={height} {...label}>
      {drawing.items.map((item, i) =>
        item.kind === 'group' ? (
          <Group
            key={item.id}
            items={item.items}
            id={item.id}
            dim={lit !== undefined && lit.length > 0 && !lit.includes(item.id)}
          />
        ) : (
          <Group key={i} items={[item]} />
        ),
      )}
    </svg>
  );
});

interface GroupProps {
  readonly items: readonly Item[];
  readonly id?: string;
  readonly dim?: boolean;
}

/** The items of one piece. Core hands out the same list while the piece is worn the same: then nothing is redone. */
const Group = memo(
  function Group({ items, id, dim }: GroupProps) {
    const prefix = useId().replace(/[^a-zA-Z0-9]/g, '');
    const content = useMemo(() => ({ __html: svgItems(items, prefix) }), [items, prefix]);
    return <g data-piece={id} opacity={dim ? 0.25 : undefined} dangerouslySetInnerHTML={content} />;
  },
  (before, after) =>
    before.dim === after.dim &&
    before.id === after.id &&
    (before.items === after.items || (before.id === undefined && before.items[0] === after.items[0])),
);
