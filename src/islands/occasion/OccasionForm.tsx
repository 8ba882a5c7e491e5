import { Button, Modal, NumberInput, RangeSlider, SegmentedControl, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { ApiProblem, call, showProblem } from '@ui/api';
import { useState } from 'react';

interface Props {
  readonly clientId: string;
  readonly opened: boolean;
  readonly onClose: () => void;
  readonly onSaved: (id: string, title: string) => void;
}

const MARKS = [
  { value: 0, label: 'beach' },
  { value: 2, label: 'weekend' },
  { value: 4, label: 'smart' },
  { value: 6, label: 'business' },
  { value: 8, label: 'cocktail' },
  { value: 10, label: 'gala' },
];

/** An occasion in one small form: what, when, how dressed, how warm. */
export function OccasionForm({ clientId, opened, onClose, onSaved }: Props) {
  const [busy, setBusy] = useState(false);
  const form = useForm({
    initialValues: {
      title: '',
      date: '',
      place: '',
      time: 'day',
      formality: [4, 7] as [number, number],
      indoorC: '' as number | string,
      outdoorC: '' as number | string,
    },
  });
  const save = form.onSubmit(async (values) => {
    setBusy(true);
    try {
      const { indoorC, outdoorC, place, ...rest } = values;
      const degrees = (value: number | string): number | undefined =>
        value === '' ? undefined : Number(value);
      const { id } = await call('save-occasion', {
        clientId,
        occasion: {
          ...rest,
          time: values.time as 'day' | 'evening',
          place: place || undefined,
          indoorC: degrees(indoorC),
          outdoorC: degrees(outdoorC),
        },
      });
      onSaved(id, values.title);
      form.reset();
      onClose();
    } catch (error) {
      if (error instanceof ApiProblem)
        for (const { path, message } of error.faults)
          form.setFieldError(path.replace('occasion.', ''), message);
      showProblem(error);
    } finally {
      setBusy(false);
    }
  });
  return (
    <Modal opened={opened} onClose={onClose} title="Add an occasion">
      <form onSubmit={save} style={{ display: 'grid', gap: 12 }}>
        <TextInput label="What" required data-autofocus {...form.getInputProps('title')} />
        <TextInput label="Day" type="date" required {...form.getInputProps('date')} />
        <SegmentedControl
          aria-label="Time of day"
          data={['day', 'evening']}
          {...form.getInputProps('time')}
        />
        <div style={{ padding: '0 14px 22px' }}>
          <span id="formality-label">How dressed</span>
          <RangeSlider
            min={0}
            max={10}
            step={0.5}
            marks={MARKS}
            aria-labelledby="formality-label"
            thumbFromLabel="Least dressed"
            thumbToLabel="Most dressed"
            {...form.getInputProps('formality')}
          />
        </div>
        <TextInput label="Place" {...form.getInputProps('place')} />
        <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 10 }}>
          <NumberInput label="Indoors, °C" hideControls {...form.getInputProps('indoorC')} />
          <NumberInput label="Outdoors, °C" hideControls {...form.getInputProps('outdoorC')} />
        </div>
        <Button type="submit" loading={busy}>
          Add
        </Button>
      </form>
    </Modal>
  );
}
