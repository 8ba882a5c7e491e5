import { piecesOf } from '@contracts/look-pieces';
import type { BoxView, LookView } from '@contracts/box/box-view';
import { Button } from '@mantine/core';
import { Figure } from '@ui/Figure';
import { memo, useMemo } from 'react';

/** The picture of a saved look; drawn again only when the look or its pieces change. */
const Thumb = memo(function Thumb({ view, look }: { readonly view: BoxView; readonly look: LookView }) {
  const pieces = useMemo(() => piecesOf(view, look.pieces), [view, look.pieces]);
  return <Figure pieces={pieces} client={view.client.profile} height={38} title="" decorative />;
});

interface StripProps {
  readonly view: BoxView;
  readonly currentId: string | undefined;
  readonly onOpen: (look: LookView) => void;
  readonly onNew: () => void;
  readonly onCompare: () => void;
  /** The look once more, as a new one. */
  readonly onCopy: (look: LookView) => void;
  readonly onRemove: (look: LookView) => Promise<void>;
}

/** The looks saved so far, as small figures. */
export const LookStrip = memo(function LookStrip({
  view,
  currentId,
  onOpen,
  onNew,
  onCompare,
  onCopy,
  onRemove,
}: StripProps) {
  // By occasion, in the order of the brief; what is for none comes last.
  const place = ({ occasionId }: LookView): number =>
    occasionId ? view.occasionIds.indexOf(occasionId) : view.occasionIds.length;
  return (
    <nav className="look-strip" aria-label="Saved looks">
      {[...view.looks]
        .sort((a, b) => place(a) - place(b))
        .map((look) => {
          const occasion = view.occasions.find(({ id }) => id === look.occasionId)?.occasion.title;
          return (
            <span key={look.id} className="look-card" data-current={look.id === currentId || undefined}>
              <button
                className="look-open"
                aria-current={look.id === currentId || undefined}
                onClick={() => onOpen(look)}
              >
                <span className="look-thumb">
                  <Thumb view={view} look={look} />
                </span>
                <span>
                  <span className="serif">{look.title || 'A look'}</span>
                  <br />
                  <span className="small soft">{occasion ?? 'no occasion'}</span>
                </span>
              </button>
              <button
                className="plain-button look-remove"
                aria-label={`copy the look ${look.title}`}
                title="The look once more, as a new one (d)"
                onClick={() => onCopy(look)}
              >
                copy
              </button>
              <button
                className="plain-button look-remove"
                aria-label={`Remove the look ${look.title}`}
                onClick={() => void onRemove(look)}
              >
                remove
              </button>
            </span>
          );
        })}
      <Button size="xs" variant="default" onClick={onNew} title="Begin a new look (Alt N)">
        New look
      </Button>
      {view.looks.length === 0 && (
        <span className="soft">No look is saved yet. Dress the figure, then save.</span>
      )}
      {view.looks.length > 1 && (
        <Button size="xs" variant="default" onClick={onCompare} title="Two looks, facet by facet (c)">
          Side by side
        </Button>
      )}
      <Button
        size="xs"
        variant="default"
        component="a"
        href={`/box/${view.id}/show`}
        disabled={view.looks.length === 0}
        style={{ marginLeft: 'auto' }}
        title="Large, without what the rules say (v)"
      >
        Show the client
      </Button>
      <Button size="xs" component="a" href={`/box/${view.id}/letter`} disabled={view.looks.length === 0}>
        Write the letter
      </Button>
    </nav>
  );
});
