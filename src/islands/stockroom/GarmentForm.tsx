import type { GarmentSheet } from '@contracts/stock/garment-sheet';
import { Modal } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { useEffect, useState } from 'react';
import { GarmentLeaves } from './GarmentLeaves';
import { GarmentLedger } from './GarmentLedger';

interface Props {
  /** The garment to open; absent: a new one. */
  readonly id?: string | undefined;
  /** False: stock may be counted, the garment itself is only looked at. */
  readonly mayChange: boolean;
  readonly onClose: () => void;
  readonly onSaved: () => void;
}

/** A garment of the stockroom: opened to look at, change, photograph, count; or entered anew. */
export function GarmentForm({ id, mayChange, onClose, onSaved }: Props) {
  const [sheet, setSheet] = useState<GarmentSheet>();
  const [changed, setChanged] = useState(false);
  useEffect(() => {
    if (id) call('garment-sheet', { id }).then(setSheet, showProblem);
  }, [id]);
  const [entered, setEntered] = useState(0);
  const saved = (): void => {
    setChanged(false);
    onSaved();
    // A new one makes room for the next; one that was opened is done with.
    if (id) onClose();
    else setEntered((count) => count + 1);
  };
  const leave = (): void => {
    if (!changed || window.confirm('Leave without saving what you changed?')) onClose();
  };
  return (
    <Modal opened onClose={leave} size={1280} title={id ? (sheet?.title ?? 'Garment') : 'New garment'}>
      {id && !sheet ? (
        <p role="status">Fetching it from the stockroom…</p>
      ) : sheet && !mayChange ? (
        <GarmentLedger sheet={sheet} onBooked={onSaved} />
      ) : (
        <GarmentLeaves
          key={entered}
          sheet={sheet}
          onChanged={setChanged}
          onPhotoOff={() => {
            setSheet((now) => now && { ...now, photo: undefined });
            onSaved();
          }}
          onBooked={onSaved}
          onSaved={saved}
        />
      )}
    </Modal>
  );
}
