import { RACK_COLOURS, RACK_PLACES, type RackPlace } from '@core/pull';
import { Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { spell } from '@ui/tongue';
import type { RefObject } from 'react';

/** What narrows and orders the rack. */
export interface RackView {
  readonly words: string;
  readonly place: RackPlace | '';
  readonly colour: string;
  readonly suits: boolean;
  readonly best: boolean;
  readonly shelf: boolean;
}
export const WHOLE_RACK: RackView = {
  words: '',
  place: '',
  colour: '',
  suits: false,
  best: false,
  shelf: false,
};

interface Props {
  readonly rack: RackView;
  readonly find: RefObject<HTMLInputElement | null>;
  /** There is an occasion to suit. */
  readonly hasOccasion: boolean;
  /** The box still takes something from the shelf. */
  readonly hasShelf: boolean;
  readonly onChange: (part: Partial<RackView>) => void;
  /** Wears the first piece shown. */
  readonly onFirst: () => void;
}

/** Finds among the pieces by words, place, colour and occasion; puts first what goes best; brings the shelf in. */
export function RackFilterBar({ rack, find, hasOccasion, hasShelf, onChange, onFirst }: Props) {
  return (
    <form
      className="rack-filter"
      onSubmit={(event) => {
        event.preventDefault();
        onFirst();
      }}
    >
      <TextInput
        ref={find}
        size="xs"
        aria-label="Find a piece"
        placeholder="Find a piece ( / )"
        title={spell('Name, kind, colour or cloth; Enter wears the first')}
        value={rack.words}
        onChange={(event) => onChange({ words: event.currentTarget.value })}
        onKeyDown={(event) => {
          if (event.key !== 'Escape') return;
          onChange({ words: '' });
          event.currentTarget.blur();
        }}
      />
      <NativeSelect
        size="xs"
        aria-label="Where it is worn"
        value={rack.place}
        onChange={(event) => onChange({ place: event.currentTarget.value as RackPlace | '' })}
        data={[
          { value: '', label: 'All kinds' },
          ...Object.entries(RACK_PLACES).map(([value, { label }]) => ({ value, label: spell(label) })),
        ]}
      />
      <NativeSelect
        size="xs"
        aria-label={spell('Colour')}
        value={rack.colour}
        onChange={(event) => onChange({ colour: event.currentTarget.value })}
        data={[
          { value: '', label: spell('All colours') },
          ...RACK_COLOURS.map(({ name }) => ({ value: name, label: spell(name) })),
        ]}
      />
      {hasOccasion && (
        <Checkbox
          size="xs"
          label="Suits the occasion"
          checked={rack.suits}
          onChange={(event) => onChange({ suits: event.currentTarget.checked })}
        />
      )}
      <Checkbox
        size="xs"
        label="What goes best first"
        checked={rack.best}
        onChange={(event) => onChange({ best: event.currentTarget.checked })}
      />
      {hasShelf && (
        <Checkbox
          size="xs"
          label="The shelf too"
          checked={rack.shelf}
          onChange={(event) => onChange({ shelf: event.currentTarget.checked })}
        />
      )}
    </form>
  );
}
