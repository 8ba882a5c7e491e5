import type { Input } from '@contracts/calls';

import { CARES, IRONINGS, SEASONS } from '@core/piece';
import { Button, MultiSelect, NativeSelect, NumberInput, Popover, TagsInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import { amountOf } from '@ui/amounts';

type Changes = Input<'edit-garments'>['set'];

interface Props {
  readonly count: number;
  readonly currency: string;
  readonly busy: boolean;
  readonly onSet: (changes: Changes) => Promise<void>;
}

const NOTHING = {
  label: '',
  formality: '' as number | string,
  seasons: [] as string[],
  care: '',
  ironing: '',
  moods: [] as string[],
  cost: '',
};

/** Gives all chosen garments the same label, formality, seasons, care, ironing, moods or cost; what is left empty stays as it is. */
export function EditMany({ count, currency, busy, onSet }: Props) {
  const [opened, setOpened] = useState(false);
  const [draft, setDraft] = useState(NOTHING);
  const set = (part: Partial<typeof NOTHING>): void => setDraft((now) => ({ ...now, ...part }));
  const costMinor = draft.cost.trim() === '' ? undefined : amountOf(draft.cost);
  const costFault = draft.cost.trim() !== '' && (costMinor === undefined || costMinor < 0);
  const changes: Changes = {
    ...(draft.label.trim() ? { label: draft.label.trim() } : {}),
    ...(typeof draft.formality === 'number' ? { formality: draft.formality } : {}),
    ...(draft.seasons.length > 0 ? { seasons: SEASONS.filter((each) => draft.seasons.includes(each)) } : {}),
    ...(draft.care ? { care: CARES.find((each) => each === draft.care) } : {}),
    ...(draft.ironing ? { ironing: IRONINGS.find((each) => each === draft.ironing) } : {}),
    ...(draft.moods.length > 0 ? { moods: draft.moods } : {}),
    ...(costMinor === undefined ? {} : { costMinor }),
  };
  const some = Object.keys(changes).length > 0 && !costFault;
  return (
    <Popover opened={opened} onChange={setOpened} position="bottom-start" trapFocus width={300}>
      <Popover.Target>
        <Button size="xs" variant="default" aria-expanded={opened} onClick={() => setOpened(!opened)}>
          Change all
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <form
          className="edit-many"
          onSubmit={(event) => {
            event.preventDefault();
            if (!some) return;
            void onSet(changes).then(() => {
              setDraft(NOTHING);
              setOpened(false);
            });
          }}
        >
          <p className="small soft">What is left empty stays as each has it.</p>
          <TextInput
            size="xs"
            label="Label"
            value={draft.label}
            onChange={(event) => set({ label: event.currentTarget.value })}
          />
          <NumberInput
            size="xs"
            label="Formality, 0 to 10"
            min={0}
            max={10}
            value={draft.formality}
            onChange={(formality) => set({ formality })}
          />
          <MultiSelect
            size="xs"
            label="Seasons"
            data={[...SEASONS]}
            value={draft.seasons}
            onChange={(seasons) => set({ seasons })}
            comboboxProps={{ withinPortal: false }}
          />
          <NativeSelect
            size="xs"
            label="Care"
            data={[{ value: '', label: '' }, ...CARES]}
            value={draft.care}
            onChange={(event) => set({ care: event.currentTarget.value })}
          />
          <NativeSelect
            size="xs"
            label="Ironing"
            data={[{ value: '', label: '' }, ...IRONINGS]}
            value={draft.ironing}
            onChange={(event) => set({ ironing: event.currentTarget.value })}
          />
          <TagsInput
            size="xs"
            label="Moods"
            value={draft.moods}
            onChange={(moods) => set({ moods })}
            comboboxProps={{ withinPortal: false }}
          />
          <TextInput
            size="xs"
            label={`Cost price, ${currency}`}
            inputMode="decimal"
            value={draft.cost}
            onChange={(event) => set({ cost: event.currentTarget.value })}
            error={costFault ? 'not an amount' : undefined}
          />
          <Button size="xs" type="submit" disabled={!some} loading={busy}>
            Change {count}
          </Button>
        </form>
      </Popover.Dropdown>
    </Popover>
  );
}
