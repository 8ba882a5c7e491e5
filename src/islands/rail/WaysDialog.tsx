import type { Profile } from '@core/client';
import type { Speaker } from '@core/say';
import { type Way, wayWords } from '@core/ways';
import { Button, Modal } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { Figure } from '@ui/Figure';
import { useMemo } from 'react';
import { useWaysAsked, type WaysAsked, WAYS_COUNT, type WaysWish } from './useWaysAsked';
import { WaysAsk } from './WaysAsk';

interface Props extends WaysWish {
  readonly by: Speaker;
  readonly onClose: () => void;
  readonly onWear: (way: Way) => void;
}

/** A piece or two, worn so many ways that differ most: out of closet and box, over the occasions of the box. */
export function WaysDialog(props: Props) {
  const { open, view, isBegun, by, onClose, onWear } = props;
  const asked = useWaysAsked(props);
  const { around, ways } = asked;
  const wear = (way: Way | undefined): void => {
    if (!way) return;
    onWear(way);
    onClose();
  };
  const keys = Array.from({ length: WAYS_COUNT.most }, (_, i): [string, () => void] => [
    String(i + 1),
    () => wear(ways?.ways[i]),
  ]);
  useKeys(open ? keys : []);
  const held = useMemo(() => new Set(around), [around]);
  return (
    <Modal
      opened={open}
      onClose={onClose}
      title={isBegun ? 'Ways to finish it' : 'Ways to wear it'}
      size={1120}
    >
      <WaysAsk asked={asked} />
      <p className="small soft" role="status" aria-live="polite">
        {statusWords(asked)}
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

/** What is done, or what can be. */
function statusWords({ failed, around, busy, ways }: WaysAsked): string {
  if (failed) return 'The search stopped. Change something to try again.';
  if (around.length === 0) return 'Choose a piece to begin with.';
  if (busy) return 'Looking for ways that differ most…';
  if (ways?.ways.length === 0)
    return 'No complete look that may be sent holds these pieces. Take one away, or look on the shelf too.';
  return ways?.fewer
    ? `Only ${ways.ways.length} come within ten points of the best.`
    : 'Press a number to wear a way.';
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
