import type { BoxView } from '@contracts/box/box-view';
import { speakerForClient } from '@contracts/look-pieces';
import type { Occasion } from '@core/occasion';
import { sheetOf, type TravelPlan } from '@core/plan';
import { Button } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { useState } from 'react';

interface Props {
  readonly box: BoxView;
  readonly packed: Pick<TravelPlan, 'pieces' | 'days'>;
  readonly occasions: readonly Occasion[];
}

/** Lays what is packed, and what is worn when, into the letter of the box; a letter nobody wrote yet is drafted first. */
export function IntoLetter({ box, packed, occasions }: Props) {
  const [busy, setBusy] = useState(false);
  const lay = async (): Promise<void> => {
    setBusy(true);
    try {
      const letter = box.letter ?? (await call('draft-letter', { boxId: box.id })).letter;
      const journey = sheetOf(packed, occasions, speakerForClient(box));
      await call('save-letter', { boxId: box.id, version: box.version, letter: { ...letter, journey } });
      location.assign(`/box/${box.id}/letter`);
    } catch (error) {
      showProblem(error);
      setBusy(false);
    }
  };
  return (
    <Button loading={busy} onClick={() => void lay()}>
      Put it into the letter
    </Button>
  );
}
