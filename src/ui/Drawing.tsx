import { svgPath } from '@core/path';
import { type Drawing as DrawingData, type Item, sharedClip, type SharedClip, svgItems } from '@core/sketch';
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
  const name = useName();
  const path = sharedClip(drawing.items);
  const shared = useMemo(() => path && { path, name, data: svgPath(path) }, [path, name]);
  const label = decorative ? { 'aria-hidden': true as const } : { role: 'img', 'aria-label': title };
  return (
    <svg viewBox={`${x} ${y} ${w} ${h}`} width={width} height={height} {...label}>
      {shared && (
        <clipPath id={name}>
          <path d={shared.data} />
        </clipPath>
      )}
      {partsOf(drawing.items).map(({ key, id, items }) => (
        <Group
          key={key}
          items={items}
          shared={shared}
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

/** The pieces of a drawing, and what lies beneath each as one: the figure, the shadow that it throws; or the whole of a flat. */
function partsOf(items: readonly Item[]): (Part & { readonly key: string })[] {
  const parts: (Part & { readonly key: string })[] = [];
  let run: Item[] = [];
  const close = (above: string): void => {
    if (run.length > 0) parts.push({ key: `beneath ${above}`, items: run });
    run = [];
  };
  for (const item of items)
    if (item.kind === 'group') {
      close(item.id);
      parts.push({ key: item.id, id: item.id, items: item.items });
    } else run.push(item);
  close('nothing');
  return parts;
}

/** A name that is nobody else's in the page. */
const useName = (): string => useId().replace(/[^a-zA-Z0-9]/g, '');

interface GroupProps extends Part {
  readonly shared: SharedClip | undefined;
  readonly dim: boolean;
}

/** The items of one piece. Core hands out the same list while the piece is worn the same: then nothing is redone. */
const Group = memo(
  function Group({ items, shared, id, dim }: GroupProps) {
    const name = useName();
    const content = useMemo(() => ({ __html: svgItems(items, name, shared) }), [items, name, shared]);
    return <g data-piece={id} opacity={dim ? 0.25 : undefined} dangerouslySetInnerHTML={content} />;
  },
  (before, after) =>
    before.dim === after.dim &&
    before.id === after.id &&
    before.shared === after.shared &&
    (before.items === after.items ||
      (before.id === undefined &&
        before.items.length === after.items.length &&
        before.items.every((item, i) => item === after.items[i]))),
);
