import { Kbd, Modal } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { spell } from './tongue';
import { useKeys } from './useKeys';

export interface KeyRow {
  readonly keys: string;
  readonly does: string;
}

const EVERYWHERE: readonly KeyRow[] = [
  { keys: '?', does: 'Show what the keys do' },
  { keys: 'Alt 1 … 6', does: 'Go to a step of the box' },
  { keys: 'Tab, Enter', does: 'Move about, press' },
];

function goToStep(step: number): void {
  document.querySelector<HTMLAnchorElement>(`a[data-step="${step}"]`)?.click();
}

/** The keys of a page, under `?`; and the steps of a box under Alt 1 to 6. */
export function KeyHelp({ keys }: { readonly keys: readonly KeyRow[] }) {
  const [shown, { toggle, close }] = useDisclosure(false);
  useKeys([
    ['shift+?', toggle],
    // Some keyboards write ? without shift.
    ['?', toggle],
    ...[1, 2, 3, 4, 5, 6].map((step) => [`alt+${step}`, () => goToStep(step)] as [string, () => void]),
  ]);
  return (
    <Modal opened={shown} onClose={close} title="Keys" centered>
      <dl className="facts">
        {[...keys, ...EVERYWHERE].map((row) => (
          <div key={row.keys} style={{ display: 'contents' }}>
            <dt>
              <Kbd>{row.keys}</Kbd>
            </dt>
            <dd>{spell(row.does)}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
