import type { BoxView } from '@contracts/box/box-view';
import { settingOf } from '@contracts/look-pieces';
import type { OccasionView } from '@contracts/occasion/occasion-view';
import type { Piece } from '@core/piece';
import type { Speaker } from '@core/say';
import { carriedFor, carriedWords, type Turn, turnWords } from '@core/ways';
import { Button, Modal, NativeSelect } from '@mantine/core';
import { useKeys } from '@ui/useKeys';
import { Figure } from '@ui/Figure';
import { orDies } from '@ui/worker';
import type { WaysWork } from '@workers/ways';
import { wrap } from 'comlink';
import { useEffect, useState } from 'react';

interface Props {
  readonly view: BoxView;
  /** Closet and box. */
  readonly pool: readonly Piece[];
  readonly worn: readonly Piece[];
  /** Occasions of the box but the one the look is for. */
  readonly others: readonly OccasionView[];
  readonly by: Speaker;
  readonly onClose: () => void;
  readonly onWear: (turn: Turn, occasion: OccasionView) => void;
}

type Found = readonly Turn[] | 'looking' | 'failed';

/** A look taken to another occasion with as few changes as may be, and what is carried for it. */
export function TurnDialog({ view, pool, worn, others, by, onClose, onWear }: Props) {
  const [occasionId, setOccasionId] = useState(others[0]?.id ?? '');
  const [found, setFound] = useState<Found>('looking');
  const target = others.find(({ id }) => id === occasionId);
  useEffect(() => {
    if (!target) return;
    setFound('looking');
    const worker = new Worker(new URL('../../workers/ways.ts', import.meta.url), { type: 'module' });
    const input = {
      worn,
      pieces: pool,
      setting: settingOf(view),
      occasion: target.occasion,
      settings: view.shop.settings,
    };
    let isOver = false;
    orDies(worker, wrap<WaysWork>(worker).turns(input)).then(
      (turns) => isOver || setFound(turns),
      () => isOver || setFound('failed'),
    );
    return () => {
      isOver = true;
      worker.terminate();
    };
  }, [target, worn, pool, view]);
  const turns = typeof found === 'string' ? [] : found;
  const wear = (turn: Turn | undefined): void => {
    if (turn && target) onWear(turn, target);
  };
  // Also while the occasion is being chosen: nothing is typed in here.
  useKeys(
    [1, 2, 3].map((number) => [String(number), () => wear(turns[number - 1])]),
    true,
  );
  return (
    <Modal opened onClose={onClose} title="Into another occasion" size={960}>
      {others.length === 0 ? (
        <p>
          This box is for one occasion. <a href={`/box/${view.id}/brief`}>Choose another in the brief</a>, and
          a look can go on to it.
        </p>
      ) : (
        <>
          <NativeSelect
            label="From this look to"
            value={occasionId}
            data={others.map(({ id, occasion }) => ({ value: id, label: occasion.title }))}
            onChange={(event) => setOccasionId(event.currentTarget.value)}
            data-autofocus
            w={320}
          />
          <p className="small soft" role="status" aria-live="polite">
            {statusOf(found)}
          </p>
          <ol className="ways">
            {turns.map((turn, i) => {
              const words = turnWords(turn, by);
              const carried = carriedWords(carriedFor(worn, turn), by);
              return (
                <li key={words}>
                  <div className="stage ways-figure">
                    <Figure pieces={turn.pieces} client={view.client.profile} height={292} title={words} />
                  </div>
                  {turn.changes.length > 0 && <p className="small">{words}</p>}
                  {carried && <p className="small soft">{carried}</p>}
                  <Button size="xs" variant="default" onClick={() => wear(turn)} title={`Press ${i + 1}`}>
                    Wear it so
                  </Button>
                </li>
              );
            })}
          </ol>
        </>
      )}
    </Modal>
  );
}

function statusOf(found: Found): string {
  if (found === 'looking') return 'Looking for the fewest changes…';
  if (found === 'failed') return 'The search stopped. Choose the occasion again.';
  if (found.length === 0) return 'No three changes do it: begin a look of its own for this occasion.';
  const [first] = found;
  if (first?.changes.length === 0) return 'It works there just as it is.';
  const count = first?.changes.length ?? 0;
  return `${count === 1 ? 'One change does' : `${count} changes do`} it. Press a number to wear one; it becomes a look of its own.`;
}
