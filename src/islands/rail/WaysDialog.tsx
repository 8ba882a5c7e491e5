import type { BoxView } from '@contracts/box/box-view';
import { settingOf } from '@contracts/look-pieces';
import type { Profile } from '@core/client';
import type { Piece } from '@core/piece';
import type { Speaker } from '@core/say';
import { type Way, wayWords } from '@core/ways';
import { Button, Checkbox, Modal, MultiSelect, NumberInput } from '@mantine/core';
import { useCallbackRef } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { Figure } from '@ui/Figure';
import { useEffect, useMemo, useState } from 'react';
import { useWays } from './useWays';

interface Props {
  readonly open: boolean;
  readonly view: BoxView;
  /** Closet and box. */
  readonly pool: readonly Piece[];
  /** On the shelf in the client's size. */
  readonly shelf: readonly Piece[];
  readonly worn: readonly Piece[];
  /** What is worn is not a whole look yet. */
  readonly isBegun: boolean;
  readonly by: Speaker;
  readonly onClose: () => void;
  readonly onWear: (way: Way) => void;
}

const AROUND_MOST = 4;
/** The page itself comes first. */
const WARM_AFTER_MS = 1500;
const COUNT = { least: 2, usual: 5, most: 9 } as const;

/** A piece or two, worn so many ways that differ most: out of closet and box, over the occasions of the box. */
export function WaysDialog({ open, view, pool, shelf, worn, isBegun, by, onClose, onWear }: Props) {
  const [around, setAround] = useState<string[]>([]);
  const [bans, setBans] = useState<string[]>([]);
  const [count, setCount] = useState<number>(COUNT.usual);
  const [withShelf, setWithShelf] = useState(false);
  const { ways, busy, failed, ask, warm } = useWays();
  const pieces = useMemo(() => (withShelf ? [...pool, ...shelf] : [...pool]), [withShelf, pool, shelf]);
  const occasions = useMemo(
    () => view.occasions.filter(({ id }) => view.occasionIds.includes(id)).map(({ occasion }) => occasion),
    [view.occasions, view.occasionIds],
  );
  const choices = useMemo(
    () => pieces.map(({ id, title, owned }) => ({ value: id, label: owned ? `${title} (closet)` : title })),
    [pieces],
  );
  // A look that is begun is finished around all of it. Else asked for what the box is about: the new piece that is worn, or
  // the first of the box.
  const begun = useMemo(
    () => (isBegun ? worn.slice(0, AROUND_MOST).map(({ id }) => id) : []),
    [isBegun, worn],
  );
  useEffect(() => {
    if (open && begun.length > 0) setAround(begun);
  }, [open, begun]);
  useEffect(() => {
    if (!open || around.length > 0 || begun.length > 0) return;
    const first = worn.find(({ owned }) => !owned) ?? worn[0] ?? pool.find(({ owned }) => !owned) ?? pool[0];
    if (first) setAround([first.id]);
  }, [open, around.length, begun.length, worn, pool]);
  const question = useMemo(
    () => ({
      pieces,
      around,
      bans,
      count,
      setting: settingOf(view),
      occasions,
      settings: view.shop.settings,
      // What was made ready stands for these pieces in this box alone.
      key: `${view.version} ${pieces.map(({ id }) => id).join()}`,
    }),
    [pieces, around, bans, count, view, occasions],
  );
  useEffect(() => {
    if (open && around.length > 0) ask(question);
  }, [open, around.length, question, ask]);
  // Out of what hangs here, once the page has come to rest.
  const { key } = question;
  const warmUp = useCallbackRef(() => warm(question));
  useEffect(() => {
    const wait = setTimeout(warmUp, WARM_AFTER_MS);
    return () => clearTimeout(wait);
  }, [key, warmUp]);
  const wear = (way: Way | undefined): void => {
    if (!way) return;
    onWear(way);
    onClose();
  };
  useKeys(
    open
      ? Array.from({ length: COUNT.most }, (_, i) => [String(i + 1), () => wear(ways?.ways[i])] as const).map(
          ([key, run]) => [key, run] as [string, () => void],
        )
      : [],
  );
  const held = useMemo(() => new Set(around), [around]);
  return (
    <Modal
      opened={open}
      onClose={onClose}
      title={isBegun ? 'Ways to finish it' : 'Ways to wear it'}
      size={1120}
    >
      <div className="ways-ask">
        <MultiSelect
          label="Each way with"
          placeholder={around.length === 0 ? 'a piece' : ''}
          searchable
          data={choices.filter(({ value }) => !bans.includes(value))}
          value={around}
          maxValues={AROUND_MOST}
          onChange={setAround}
        />
        <MultiSelect
          label="None with"
          placeholder={bans.length === 0 ? 'nothing left out' : ''}
          searchable
          data={choices.filter(({ value }) => !around.includes(value))}
          value={bans}
          onChange={setBans}
        />
        <NumberInput
          label="How many"
          min={COUNT.least}
          max={COUNT.most}
          clampBehavior="strict"
          allowDecimal={false}
          value={count}
          onChange={(value) => typeof value === 'number' && setCount(value)}
        />
        <Checkbox
          label="From the shelf too"
          checked={withShelf}
          onChange={(event) => setWithShelf(event.currentTarget.checked)}
        />
      </div>
      <p className="small soft" role="status" aria-live="polite">
        {failed
          ? 'The search stopped. Change something to try again.'
          : around.length === 0
            ? 'Choose a piece to begin with.'
            : busy
              ? 'Looking for ways that differ most…'
              : ways && ways.ways.length === 0
                ? 'No complete look that may be sent holds these pieces. Take one away, or look on the shelf too.'
                : ways?.fewer
                  ? `Only ${ways.ways.length} come within ten points of the best.`
                  : 'Press a number to wear a way.'}
      </p>
      {ways && ways.ways.length > 0 && (
        <ol className="ways">
          {ways.ways.map((way, i) => (
            <WayCard
              key={way.pieces.map(({ id, mode }) => `${id} ${mode ?? ''}`).join()}
              number={i + 1}
              way={way}
              words={wayWords(way, ways.ways, held, by)}
              client={view.client.profile}
              onWear={() => wear(way)}
            />
          ))}
        </ol>
      )}
    </Modal>
  );
}

interface CardProps {
  readonly number: number;
  readonly way: Way;
  readonly words: string;
  readonly client: Profile;
  readonly onWear: () => void;
}

function WayCard({ number, way, words, client, onWear }: CardProps) {
  return (
    <li>
      <div className="stage ways-figure">
        <Figure pieces={way.pieces} client={client} height={292} title={`Way ${number}: ${words}`} />
      </div>
      <p className="small">{words}</p>
      <Button size="xs" variant="default" onClick={onWear} title={`Press ${number}`}>
        Wear way {number}
      </Button>
    </li>
  );
}
