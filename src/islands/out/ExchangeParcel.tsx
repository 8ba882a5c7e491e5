import type { BoxView, LineView } from '@contracts/box/box-view';
import type { PackLine, PackView } from '@contracts/box/pack-view';
import { Button, TextInput } from '@mantine/core';
import { ScanField } from '@ui/ScanField';
import { useState } from 'react';
import { PackRow } from './PackRow';
import './out.css';

interface Props {
  readonly view: BoxView | PackView;
  readonly waiting: readonly (LineView | PackLine)[];
  readonly ticked: ReadonlySet<string>;
  readonly lastId: string | undefined;
  readonly busy: boolean;
  readonly onTick: (id: string) => void;
  readonly onCode: (code: string) => Promise<boolean>;
  readonly onSend: (tracking: string) => void;
}

/** What a client asked for in exchange: packed, and sent in a parcel of its own. */
export function ExchangeParcel({ view, waiting, ticked, lastId, busy, onTick, onCode, onSend }: Props) {
  const [tracking, setTracking] = useState('');
  const left = waiting.filter(({ id }) => !ticked.has(id)).length;
  return (
    <section className="sheet" aria-label="Exchange to send">
      <h2>To send in exchange</h2>
      <ScanField label="Scan each piece as it goes in, or tick it" onCode={onCode} />
      <ul className="rows">
        {waiting.map((line) => (
          <PackRow
            key={line.id}
            line={line}
            currency={view.shop.currency}
            ticked={ticked.has(line.id)}
            packing
            isLast={line.id === lastId}
            onTick={() => onTick(line.id)}
          />
        ))}
      </ul>
      <form
        className="out-send"
        onSubmit={(event) => {
          event.preventDefault();
          if (left === 0) onSend(tracking);
        }}
      >
        <TextInput
          label="Parcel number"
          description="Leave it empty for a pick-up in the shop."
          value={tracking}
          maxLength={60}
          onChange={(event) => setTracking(event.currentTarget.value)}
        />
        <Button type="submit" disabled={left > 0} loading={busy}>
          Send the exchange
        </Button>
      </form>
    </section>
  );
}
