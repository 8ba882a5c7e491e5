import type { ClientView } from '@contracts/client/client-view';
import { Button, Modal, TextInput } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { call, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useState } from 'react';
import { changeLines } from './change-words';
import { saveFile } from './save-file';

/** What was changed and when; everything of the client as a file; and the way out. */
export function PersonPanel({ view, mayErase }: { readonly view: ClientView; readonly mayErase: boolean }) {
  const [erasing, { open, close }] = useDisclosure(false);
  const exportAll = async (): Promise<void> => {
    try {
      const { fileName, json } = await call('export-client', { clientId: view.id });
      saveFile(fileName, 'application/json', json);
    } catch (error) {
      showProblem(error);
    }
  };
  return (
    <section className="sheet" aria-label="Record">
      <div className="sheet-head">
        <h2>Record</h2>
        <Button size="xs" variant="default" onClick={() => void exportAll()}>
          Export all
        </Button>
        {mayErase && (
          <Button size="xs" variant="default" color="madder" onClick={open}>
            Erase
          </Button>
        )}
      </div>
      <ul className="rows small record">
        {changeLines(view.changes)
          .slice(0, 8)
          .map((change, i) => (
            <li key={i}>
              {change.words}{' '}
              <span className="soft">
                by {change.by}, {dayWords(change.day)}
              </span>
            </li>
          ))}
      </ul>
      {view.changes.length === 0 && <p className="small soft">Nothing was changed yet.</p>}
      {erasing && <Erase view={view} onClose={close} />}
    </section>
  );
}

function Erase({ view, onClose }: { readonly view: ClientView; readonly onClose: () => void }) {
  const [typed, setTyped] = useState('');
  const [busy, setBusy] = useState(false);
  const erase = async (): Promise<void> => {
    setBusy(true);
    try {
      await call('erase-client', { clientId: view.id, name: typed });
      location.assign('/clients');
    } catch (error) {
      showProblem(error);
      setBusy(false);
    }
  };
  return (
    <Modal opened onClose={onClose} title={`Erase ${view.name}`}>
      <form
        className="edit-panel"
        onSubmit={(event) => {
          event.preventDefault();
          void erase();
        }}
      >
        <p>
          Name, addresses, measures, limits, closet, photos, occasions, looks, letters and notes are erased
          for good.
        </p>
        <p>
          Box numbers, lines, prices, tax, payments and stock movements stay without a name: a shop must keep
          its books. How long, your local law says.
        </p>
        <TextInput
          label={`Type ${view.name} to erase`}
          data-autofocus
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
        />
        <Button type="submit" color="madder" disabled={typed !== view.name} loading={busy}>
          Erase for good
        </Button>
      </form>
    </Modal>
  );
}
