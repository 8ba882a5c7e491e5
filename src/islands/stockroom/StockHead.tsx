import { CATEGORIES } from '@core/piece';
import { ActionIcon, Button, Checkbox, Menu, NativeSelect, Popover, TextInput } from '@mantine/core';
import IconColumns3 from '@tabler/icons-react/icons/IconColumns3';
import type { VisibilityState } from '@tanstack/react-table';
import { call, showProblem } from '@ui/api';
import { kindCalled } from '@ui/called';
import type { RefObject } from 'react';
import { saveFile } from '../client/save-file';
import { Narrow } from './Narrow';
import { COLUMNS } from './stock-columns';
import type { Stock } from './useStock';

interface Props {
  readonly stock: Stock;
  /** Where a name is looked for, so that a key may lead there. */
  readonly find: RefObject<HTMLInputElement | null>;
  readonly hidden: VisibilityState;
  readonly onHidden: (hidden: VisibilityState) => void;
  readonly onArchived: (archived: boolean) => void;
  /** Absent for those who may only look and count. */
  readonly onImport: (() => void) | undefined;
  readonly onNew: (() => void) | undefined;
}

/** What is looked for in the stockroom, which columns are shown, and what comes in and goes out. */
export function StockHead({ stock, find, hidden, onHidden, onArchived, onImport, onNew }: Props) {
  const { ask } = stock;
  return (
    <div className="end">
      <TextInput
        ref={find}
        aria-label="Find a garment or a SKU"
        placeholder="Title, label, SKU, EAN ( / )"
        defaultValue=""
        onChange={(event) => stock.look({ search: event.currentTarget.value.trim() })}
        w={220}
      />
      <NativeSelect
        aria-label="Kind"
        value={ask.category ?? ''}
        onChange={(event) => {
          const { value } = event.currentTarget;
          stock.look({ category: CATEGORIES.find((each) => each === value) });
        }}
        data={[
          { value: '', label: 'Every kind' },
          ...CATEGORIES.map((value) => ({ value, label: kindCalled(value) })),
        ]}
      />
      <NativeSelect
        aria-label="Which"
        value={ask.archived ? 'archived' : ''}
        onChange={(event) => onArchived(event.currentTarget.value === 'archived')}
        data={[
          { value: '', label: 'In stock' },
          { value: 'archived', label: 'Archived' },
        ]}
      />
      <Narrow
        narrow={ask.narrow ?? {}}
        currency={stock.currency}
        onChange={(narrow) => stock.look({ narrow })}
      />
      <Columns hidden={hidden} onHidden={onHidden} />
      <Button variant="default" component="a" href="/stockroom/scanner">
        Scan
      </Button>
      {onImport && onNew && (
        <>
          <Button variant="default" onClick={onImport} title="Import a file (i)">
            Import
          </Button>
          <Export />
          <Button onClick={onNew} title="New garment (n)">
            New garment
          </Button>
        </>
      )}
    </div>
  );
}

function Columns({ hidden, onHidden }: Pick<Props, 'hidden' | 'onHidden'>) {
  return (
    <Popover position="bottom-end">
      <Popover.Target>
        <ActionIcon variant="default" size={34} aria-label="Columns" title="Columns">
          <IconColumns3 size={18} />
        </ActionIcon>
      </Popover.Target>
      <Popover.Dropdown>
        {Object.entries(COLUMNS).map(([id, words]) => (
          <Checkbox
            key={id}
            size="xs"
            my={4}
            label={words}
            checked={hidden[id] !== false}
            onChange={(event) => onHidden({ ...hidden, [id]: event.currentTarget.checked })}
          />
        ))}
      </Popover.Dropdown>
    </Popover>
  );
}

function Export() {
  return (
    <Menu>
      <Menu.Target>
        <Button variant="default">Export</Button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => void exportStock('csv')}>As CSV</Menu.Item>
        <Menu.Item onClick={() => void exportStock('json')}>As JSON, with ways and parts</Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}

async function exportStock(format: 'csv' | 'json'): Promise<void> {
  try {
    const { fileName, text } = await call('export-stock', { format });
    saveFile(fileName, format === 'csv' ? 'text/csv' : 'application/json', text);
  } catch (error) {
    showProblem(error);
  }
}
