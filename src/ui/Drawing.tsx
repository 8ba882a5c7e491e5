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
      {partsOf(drawing.items).map(({ id, items }, i) => (
        <Group
          key={id ?? i}
          items={items}
          id={id}
          dim={id !== undefined && lit !== undefined && lit.length > 0 && !lit.includes(id)}
        />
      ))}
    </svg>
  );
});

interface Part {
  readonly items: readonly Item[];
  /** Of a piece that is worn. */
  readonly id?: string | undefined;
}

/** The pieces of a drawing, and what lies between them as one: the figure, or the whole of a flat. */
function partsOf(items: readonly Item[]): Part[] {
  const parts: { id?: string; items: readonly Item[] }[] = [];
  let run: Item[] | undefined;
  for (const item of items)
    if (item.kind === 'group') {
      parts.push({ id: item.id, items: item.items });
      run = undefined;
    } else if (run) run.push(item);
    else parts.push({ items: (run = [item]) });
  return parts;
}

interface GroupProps extends Part {
  readonly dim: boolean;
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
    (before.items === after.items ||
      (before.id === undefined &&
        before.items.length === after.items.length &&
        before.items.every((item, i) => item === after.items[i]))),
);
