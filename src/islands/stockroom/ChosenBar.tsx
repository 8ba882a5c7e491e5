import { Button, NumberInput } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { useState } from 'react';
import { EditMany } from './EditMany';

interface Props {
  readonly ids: readonly string[];
  readonly archived: boolean;
  readonly currency: string;
  readonly onDone: () => void;
  readonly onNone: () => void;
}

/** What may be done to all garments that are chosen. */
export function ChosenBar({ ids, archived, currency, onDone, onNone }: Props) {
  const [percent, setPercent] = useState<number | string>('');
  const [busy, setBusy] = useState(false);
  const act = async (work: () => Promise<string>): Promise<void> => {
    setBusy(true);
    try {
      showDone(await work());
      onDone();
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="chosen-bar" role="group" aria-label="The chosen garments">
      <b className="num">{ids.length}</b> chosen
      <form
        className="chosen-price"
        onSubmit={(event) => {
          event.preventDefault();
          void act(async () => {
            const { changed } = await call('price-garments', { ids, percent: Number(percent) });
            return `${changed} prices changed by ${percent} %.`;
          });
        }}
      >
        <NumberInput
          aria-label="Price change in percent"
          placeholder="price ± %"
          size="xs"
          w={110}
          min={-90}
          max={300}
          value={percent}
          onChange={setPercent}
        />
        <Button
          type="submit"
          size="xs"
          variant="default"
          disabled={percent === '' || percent === 0}
          loading={busy}
        >
          Change prices
        </Button>
      </form>
      <EditMany
        count={ids.length}
        currency={currency}
        busy={busy}
        onSet={(set) =>
          act(async () => {
            const { changed } = await call('edit-garments', { ids, set });
            return `${changed} changed.`;
          })
        }
      />
      <Button
        size="xs"
        variant="default"
        loading={busy}
        onClick={() =>
          void act(async () => {
            const { changed } = await call('archive-garments', { ids, archived: !archived });
            return archived ? `${changed} brought back.` : `${changed} archived; they are pulled no more.`;
          })
        }
      >
        {archived ? 'Bring back' : 'Archive'}
      </Button>
      <Button
        size="xs"
        variant="default"
        component="a"
        href={`/stockroom/labels.pdf?garments=${ids.slice(0, 200).join(',')}`}
        target="_blank"
      >
        Tag labels
      </Button>
      <Button size="xs" variant="subtle" onClick={onNone}>
        Choose none
      </Button>
    </div>
  );
}
