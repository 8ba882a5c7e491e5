import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import type { Occasion } from '@core/occasion';
import { CATEGORY, type Piece, type Slot } from '@core/piece';
import { narrowRack } from '@core/pull';
import { useDraggable } from '@dnd-kit/core';
import { useInViewport } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { memo, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { RackFilterBar, WHOLE_RACK } from './RackFilterBar';

const ORDER: readonly Slot[] = [
  'layer',
  'whole',
  'top',
  'bottom',
  'shoes',
  'legwear',
  'bag',
  'belt',
  'scarf',
  'head',
  'eyes',
  'neck',
  'ears',
  'brooch',
  'wrist',
  'hand',
  'gloves',
  'watch',
  'tie',
  'pocket',
  'beneath',
];
const byPlace = (a: Piece, b: Piece): number =>
  ORDER.indexOf(CATEGORY[a.category].slot) - ORDER.indexOf(CATEGORY[b.category].slot);

interface RackProps {
  readonly view: BoxView;
  /** On the shelf in the client's size, not held yet. */
  readonly shelf: readonly PullRow[];
  readonly occasion: Occasion | undefined;
  readonly wornIds: ReadonlySet<string>;
  readonly lit: readonly string[];
  /** Ids of what is not worn, what goes best with the look first. */
  readonly best: () => Promise<readonly string[]>;
  readonly onPress: (piece: Piece) => void;
  /** Holds a piece of the shelf, and wears it. */
  readonly onPressShelf: (row: PullRow) => Promise<void>;
}

/** Pieces hung at once on one rail; more come as it is scrolled. */
const HUNG = 48;

/**
 * The pieces on their rails: those of the box with a price ticket, owned ones with a cloth tag, on request the shelf. One
 * scale. Found by words, place, colour and occasion.
 */
export const Rack = memo(function Rack({
  view,
  shelf,
  occasion,
  wornIds,
  lit,
  best,
  onPress,
  onPressShelf,
}: RackProps) {
  const [rack, setRack] = useState(WHOLE_RACK);
  const [drawn, setDrawn] = useState(false);
  const find = useRef<HTMLInputElement>(null);
  useKeys([
    [
      '/',
      () => {
        setDrawn(true);
        find.current?.focus();
      },
    ],
  ]);
  const order = useBestFirst(rack.best, wornIds, best);
  // Drawn piece by piece between the keys: what is typed is never waited for.
  const narrowed = useDeferredValue(rack);
  const { english } = view.shop.tongue;
  const hung = useMemo(() => {
    const by = {
      ...narrowed,
      place: narrowed.place || undefined,
      occasion: narrowed.suits ? occasion : undefined,
    };
    const of = (pieces: readonly Piece[]): Hung => {
      const at = (piece: Piece): number => {
        const found = order.indexOf(piece.id);
        return found < 0 ? Infinity : found;
      };
      // What is worn is not in that order, and stays where the hand finds it: in front.
      const all = [...pieces].sort(
        order.length > 0
          ? (a, b) => Number(wornIds.has(b.id)) - Number(wornIds.has(a.id)) || at(a) - at(b)
          : byPlace,
      );
      return { all, shown: narrowRack(all, by, english) };
    };
    return {
      box: of(view.lines.filter((line) => line.held).map((line) => line.piece)),
      closet: of(view.owned),
      shelf: of(narrowed.shelf ? shelf.map(({ piece }) => piece) : []),
    };
  }, [narrowed, occasion, english, order, wornIds, view.lines, view.owned, shelf]);
  const fromShelf = useCallback(
    (piece: Piece): void => {
      const row = shelf.find(({ garmentId }) => garmentId === piece.id);
      if (row) void onPressShelf(row);
    },
    [shelf, onPressShelf],
  );
  const first = (): void => {
    const own = [...hung.box.shown, ...hung.closet.shown].find(({ id }) => !wornIds.has(id));
    if (own) onPress(own);
    else if (hung.shelf.shown[0]) fromShelf(hung.shelf.shown[0]);
  };
  // The look stays in sight above the drawer.
  const draw = (): void => {
    if (!drawn) document.querySelector('.figure-stage')?.scrollIntoView({ block: 'start' });
    setDrawn(!drawn);
  };
  const { words, place, colour, suits } = narrowed;
  const isNarrowed = words.trim() !== '' || place !== '' || colour !== '' || suits;
  const none = isNarrowed ? 'Nothing here is like that.' : undefined;
  const common = { view, wornIds, lit };
  return (
    <section className="rack" aria-label="Pieces" data-drawn={drawn || undefined}>
      <button className="rack-handle" aria-expanded={drawn} onClick={draw}>
        {drawn ? 'Back to the look' : `Pieces (${hung.box.shown.length + hung.closet.shown.length})`}
      </button>
      <RackFilterBar
        rack={rack}
        find={find}
        hasOccasion={occasion !== undefined}
        hasShelf={shelf.length > 0}
        onChange={(part) => setRack((now) => ({ ...now, ...part }))}
        onFirst={first}
      />
      <Bar
        {...common}
        title="From the box"
        hung={hung.box}
        empty={none ?? 'Nothing is pulled yet.'}
        onPress={onPress}
      />
      <Bar
        {...common}
        title="From the closet"
        hung={hung.closet}
        empty={none ?? 'The closet is empty.'}
        onPress={onPress}
      />
      {narrowed.shelf && (
        <Bar
          {...common}
          title="On the shelf; wearing one holds it"
          hung={hung.shelf}
          empty={none ?? 'Nothing on the shelf fits.'}
          onPress={fromShelf}
        />
      )}
    </section>
  );
});

const NO_ORDER: readonly string[] = [];

/** The order in which pieces go with the look, asked for anew as others are worn; empty while nobody wants it. */
function useBestFirst(on: boolean, worn: RackProps['wornIds'], best: RackProps['best']): readonly string[] {
  const [order, setOrder] = useState(NO_ORDER);
  useEffect(() => {
    if (!on) return setOrder(NO_ORDER);
    let isOver = false;
    void best().then((found) => isOver || setOrder(found));
    return () => {
      isOver = true;
    };
  }, [on, worn, best]);
  return order;
}

/** The pieces of one rail in their order, and those of them that were not narrowed away. */
interface Hung {
  readonly all: readonly Piece[];
  readonly shown: readonly Piece[];
}

interface BarProps extends Pick<RackProps, 'view' | 'wornIds' | 'lit' | 'onPress'> {
  readonly title: string;
  readonly hung: Hung;
  readonly empty: string;
}

function Bar({ title, hung: { all, shown }, empty, view, wornIds, lit, onPress }: BarProps) {
  const [many, setMany] = useState(HUNG);
  const { ref, inViewport } = useInViewport<HTMLSpanElement>();
  useEffect(() => {
    if (inViewport) setMany((now) => now + HUNG);
  }, [inViewport, many]);
  const seen = new Set(shown.slice(0, many));
  return (
    <div className="rack-bar">
      <h2 className="rack-title">{title}</h2>
      <div className="rack-rail">
        {shown.length === 0 && <p className="soft rack-empty">{empty}</p>}
        {/* What is narrowed away stays where it hangs, out of sight: when the words go, nothing is drawn anew. */}
        {all
          .filter((piece, i) => i < many || seen.has(piece))
          .map((piece) => (
            <Hanging
              key={piece.id}
              away={!seen.has(piece)}
              piece={piece}
              currency={view.shop.currency}
              photo={view.photos[piece.id]}
              worn={wornIds.has(piece.id)}
              dim={lit.length > 0 && !lit.includes(piece.id)}
              onPress={onPress}
            />
          ))}
        {shown.length > many && <span ref={ref} className="rack-more" />}
      </div>
    </div>
  );
}

interface HangingProps {
  readonly piece: Piece;
  readonly currency: string;
  readonly photo: string | undefined;
  readonly worn: boolean;
  readonly dim: boolean;
  /** Not to be seen, for the words that are typed. */
  readonly away: boolean;
  readonly onPress: (piece: Piece) => void;
}

const Hanging = memo(function Hanging({ piece, currency, photo, worn, dim, away, onPress }: HangingProps) {
  const { listeners, setNodeRef, isDragging } = useDraggable({ id: piece.id });
  // Only the pointer drags; Enter wears at once, so the keyboard needs no dragging.
  const { onKeyDown: _onKeyDown, ...pointer } = listeners ?? {};
  return (
    <button
      ref={setNodeRef}
      {...pointer}
      className={`hanging${worn ? ' hanging-worn' : ''}${piece.owned ? ' hanging-owned' : ''}`}
      style={{ opacity: isDragging ? 0.3 : dim ? 0.35 : undefined }}
      aria-pressed={worn}
      hidden={away}
      data-dragging={isDragging || undefined}
      data-ref={piece.id}
      title={`${piece.title}: ${worn ? 'take off' : 'wear'} (Enter)`}
      onClick={() => onPress(piece)}
    >
      <Shown piece={piece} currency={currency} photo={photo} />
    </button>
  );
});

/** What is seen of a piece on the rail. Every piece hears of every drag; this is left alone by it. */
const Shown = memo(function Shown({
  piece,
  currency,
  photo,
}: Pick<HangingProps, 'piece' | 'currency' | 'photo'>) {
  return (
    <>
      <span className="hanging-sketch">
        <GarmentSketch piece={piece} scale={0.094} photo={photo} decorative />
      </span>
      <span className="hanging-tag">
        {piece.title}
        {piece.assumed && ' (assumed)'}
        {!piece.owned && piece.priceMinor !== undefined && (
          <b>
            {' '}
            <Money minor={piece.priceMinor} currency={currency} />
          </b>
        )}
      </span>
    </>
  );
});
