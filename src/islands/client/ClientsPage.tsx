import type { ClientRow } from '@contracts/client/client-view';
import { Button, Modal, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useDisclosure } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { LengthField } from '@ui/LengthField';
import { pageTongue } from '@ui/tongue';
import { notALength, readLength } from '@core/reading';
import { call, showAtFields } from '@ui/api';
import { dayWords } from '@ui/days';
import { Providers } from '@ui/Providers';
import { useAsked } from '@ui/useAsked';
import { useState } from 'react';
import { ImportClients } from './ImportClients';
import { withQueries } from '@ui/withQueries';
import './client.css';

/** The people the shop dresses. */
export const ClientsPage = withQueries(function ClientsPage({
  rows: initial,
}: {
  readonly rows: readonly ClientRow[];
}) {
  const { answer: rows = initial, again } = useAsked('client-list', {}, { initial });
  const [search, setSearch] = useState('');
  const [adding, { open, close }] = useDisclosure(false);
  const [importing, imports] = useDisclosure(false);
  useKeys([['n', open]]);
  const shown = rows.filter((row) => `${row.name} ${row.about}`.toLowerCase().includes(search.toLowerCase()));
  return (
    <Providers keys={[{ keys: 'n', does: 'Add a client' }]}>
      <div className="place-head">
        <h1>Clients</h1>
        <div className="end">
          <TextInput
            aria-label="Find a client"
            placeholder="Find a client"
            value={search}
            onChange={(event) => setSearch(event.currentTarget.value)}
          />
          <Button variant="default" onClick={imports.open}>
            Import clients
          </Button>
          <Button onClick={open} title="Add a client (n)">
            Add a client
          </Button>
        </div>
      </div>
      {shown.length === 0 ? (
        <p className="sheet empty">
          <strong>{rows.length === 0 ? 'Nobody yet.' : 'Nobody by that name.'}</strong>
          {rows.length === 0
            ? 'Add the first client; a name and a height are enough to begin. Or import them from a file.'
            : 'Try a part of the name, or add a client.'}
        </p>
      ) : (
        <ul className="rows client-rows">
          {shown.map((row) => (
            <li key={row.id}>
              <a href={`/clients/${row.id}`}>
                <span className="serif client-name">{row.name}</span>
                <span className="soft">{row.about}</span>
                <span className="small">
                  {row.nextOccasion ? (
                    <>
                      {row.nextOccasion.title}
                      <br />
                      <span className="num soft">{dayWords(row.nextOccasion.day)}</span>
                    </>
                  ) : (
                    <span className="soft">No occasion ahead</span>
                  )}
                </span>
                <span className="small">
                  {row.openBox ? (
                    `Box ${row.openBox.number}: ${row.openBox.step}`
                  ) : (
                    <span className="soft">No open box</span>
                  )}
                </span>
                <span className="small soft">{row.closet} owned pieces</span>
              </a>
            </li>
          ))}
        </ul>
      )}
      <AddClient opened={adding} onClose={close} />
      <ImportClients opened={importing} onClose={imports.close} onTaken={() => void again()} />
    </Providers>
  );
});

function AddClient({ opened, onClose }: { readonly opened: boolean; readonly onClose: () => void }) {
  const form = useForm({ initialValues: { name: '', about: '', height: '' } });
  const ask = { unit: pageTongue().units, isHeight: true };
  const [busy, setBusy] = useState(false);
  const add = form.onSubmit(async ({ name, about, height }) => {
    const heightMm = readLength(height, ask);
    if (height.trim() !== '' && heightMm === undefined) return form.setFieldError('height', notALength(ask));
    setBusy(true);
    try {
      const { id } = await call('save-client', {
        name,
        about,
        measures: heightMm === undefined ? {} : { heightMm },
        profile: {},
      });
      location.assign(`/clients/${id}`);
    } catch (error) {
      showAtFields(error, form, (path) => (path === 'measures.heightMm' ? 'height' : path));
      setBusy(false);
    }
  });
  return (
    <Modal opened={opened} onClose={onClose} title="Add a client">
      <form onSubmit={add} style={{ display: 'grid', gap: 12 }}>
        <TextInput label="Name" required data-autofocus {...form.getInputProps('name')} />
        <TextInput
          label="About, in a line"
          placeholder="Who, and what for"
          {...form.getInputProps('about')}
        />
        <LengthField
          label={`Height, ${ask.unit}`}
          description="May be left out; the rest is estimated from it and marked so."
          {...ask}
          {...form.getInputProps('height')}
        />
        <Button type="submit" loading={busy}>
          Add
        </Button>
      </form>
    </Modal>
  );
}
