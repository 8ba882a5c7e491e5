import type { LocationView } from '@contracts/shop/shop-page-view';
import { type LocationKind, LOCATION_KINDS } from '@core/shop';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { ApiProblem, call, showDone, showProblem } from '@ui/api';
import { useState } from 'react';

/** Where stock stands: shop floors and back rooms. */
export function PlacesPanel({ initial }: { readonly initial: readonly LocationView[] }) {
  const [places, setPlaces] = useState(initial);
  const [editing, setEditing] = useState<LocationView>();
  const [title, setTitle] = useState('');
  const [kind, setKind] = useState<LocationKind>('shop floor');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const begin = (place: LocationView | undefined): void => {
    setEditing(place);
    setTitle(place?.title ?? '');
    setKind(place?.kind ?? 'shop floor');
    setFault(undefined);
  };
  const save = async (): Promise<void> => {
    if (title.trim() === '') return setFault('A place has a name');
    setBusy(true);
    try {
      const { locations } = await call('save-location', { id: editing?.id, title, kind });
      setPlaces(locations);
      begin(undefined);
      showDone(editing ? 'The place is saved.' : `${title.trim()} is there now.`);
    } catch (error) {
      if (error instanceof ApiProblem && error.faults[0]) setFault(error.faults[0].message);
      else showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="shop-panel">
      <section className="sheet" aria-label="Places">
        <h2>Where the stock stands</h2>
        <ul className="rows shop-lines">
          {places.map((place) => (
            <li key={place.id}>
              <span>
                <strong>{place.title}</strong>{' '}
                <span className="small soft">
                  {place.kind}; {place.units} {place.units === 1 ? 'unit' : 'units'}
                </span>
              </span>
              <Button size="compact-xs" variant="default" onClick={() => begin(place)}>
                Rename {place.title}
              </Button>
            </li>
          ))}
        </ul>
      </section>
      <form
        className="sheet"
        aria-label={editing ? 'Rename a place' : 'Add a place'}
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <h2>{editing ? `Rename ${editing.title}` : 'Add a place'}</h2>
        <div className="shop-form">
          <TextInput
            label="Name of the place"
            value={title}
            error={fault}
            onChange={(event) => (setTitle(event.currentTarget.value), setFault(undefined))}
          />
          <NativeSelect
            label="Kind"
            data={[...LOCATION_KINDS]}
            value={kind}
            onChange={(event) => setKind(event.currentTarget.value as LocationKind)}
          />
          <div className="shop-actions" style={{ justifyContent: 'flex-start' }}>
            <Button type="submit" loading={busy}>
              {editing ? 'Save the place' : 'Add the place'}
            </Button>
            {editing && (
              <Button variant="default" onClick={() => begin(undefined)}>
                Cancel
              </Button>
            )}
          </div>
        </div>
      </form>
    </div>
  );
}
