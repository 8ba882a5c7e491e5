import type { OwnedView } from '@contracts/views';
import { CATEGORY } from '@core/piece';
import { Button, Switch } from '@mantine/core';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { notifications } from '@mantine/notifications';
import { IconHeart } from '@tabler/icons-react';
import { call, showProblem } from '@ui/api';
import { GarmentSketch } from '@ui/GarmentSketch';
import { useState } from 'react';
import { AddPiece } from './AddPiece';

/** What the client owns, hung together at one scale. */
export function ClosetPanel({
  clientId,
  initial,
}: {
  readonly clientId: string;
  readonly initial: readonly OwnedView[];
}) {
  const [owned, setOwned] = useState(initial);
  const [mainsOnly, setMainsOnly] = useState(false);
  const [adding, { open, close }] = useDisclosure(false);
  useHotkeys([['a', open]]);
  const retire = async (item: OwnedView): Promise<void> => {
    try {
      await call('retire-owned', { id: item.id, retired: true });
      setOwned((all) => all.filter((each) => each.id !== item.id));
      const undo = async (): Promise<void> => {
        await call('retire-owned', { id: item.id, retired: false });
        setOwned((all) => [...all, item]);
        notifications.hide(item.id);
      };
      notifications.show({
        id: item.id,
        title: `${item.piece.title} is out of the closet.`,
        message: (
          <button className="plain-button" onClick={() => void undo().catch(showProblem)}>
            Put it back
          </button>
        ),
      });
    } catch (error) {
      showProblem(error);
    }
  };
  const shown = owned.filter(({ piece }) => !mainsOnly || CATEGORY[piece.category].main);
  return (
    <section className="sheet" aria-label="Closet">
      <div className="closet-head">
        <h2>Closet</h2>
        <Switch
          size="xs"
          label="Clothes only"
          checked={mainsOnly}
          onChange={(event) => setMainsOnly(event.currentTarget.checked)}
        />
        <span className="small soft">{owned.length} pieces</span>
        <Button size="xs" onClick={open} title="Add a piece (a)">
          Add a piece
        </Button>
      </div>
      {owned.length === 0 && (
        <p className="empty">
          <strong>The closet is empty.</strong>
          Add what is worn most; ten pieces already open looks.
        </p>
      )}
      <div className="closet">
        {shown.map((item) => (
          <button
            key={item.id}
            className="closet-piece"
            onClick={() => void retire(item)}
            title={`${item.piece.title}: take out of the closet`}
          >
            <GarmentSketch piece={item.piece} scale={0.088} decorative />
            <span className="garment-tag">
              {item.loved && <IconHeart size={11} aria-label="loved" style={{ verticalAlign: -1 }} />}{' '}
              {item.piece.title}
              {item.assumed && ' (assumed)'}
              {item.fromBox && ' (from a box)'}
            </span>
          </button>
        ))}
      </div>
      <AddPiece
        clientId={clientId}
        opened={adding}
        onClose={close}
        onAdded={(item) => setOwned((all) => [...all, item])}
      />
    </section>
  );
}
