import { uncheckedCode } from '@core/guard';
import type { OccasionView } from '@contracts/occasion/occasion-view';
import { OCCASION_TEMPLATES, type Occasion } from '@core/occasion';
import {
  Button,
  Checkbox,
  Modal,
  MultiSelect,
  NativeSelect,
  NumberInput,
  RangeSlider,
  SegmentedControl,
  TagsInput,
  TextInput,
} from '@mantine/core';
import { useForm, type UseFormReturnType } from '@mantine/form';
import { showAtFields } from '@ui/api';
import { callMerging } from '@ui/merging';
import { todayHere } from '@ui/days';
import { WarmthField } from '@ui/WarmthField';
import { useState } from 'react';
import { inputOf, type Values, valuesOf } from './occasion-values';
import './occasion.css';

interface Props {
  readonly clientId: string;
  readonly onClose: () => void;
  readonly onSaved: (id: string, title: string) => void;
  /** The occasion to change; absent: a new one. */
  readonly of?: OccasionView | undefined;
}

const MARKS = [
  { value: 0, label: 'beach' },
  { value: 2, label: 'weekend' },
  { value: 4, label: 'smart' },
  { value: 6, label: 'business' },
  { value: 8, label: 'cocktail' },
  { value: 10, label: 'gala' },
];
const SURFACES: readonly Occasion['surfaces'][number][] = ['grass', 'cobbles', 'ice', 'deck', 'sand', 'wet'];
const ACTIVITY = [
  { value: '', label: 'not said' },
  { value: '1', label: 'seated' },
  { value: '1.2', label: 'standing' },
  { value: '2', label: 'walking' },
  { value: '4', label: 'cycling' },
];

/** An occasion: what, when, how dressed, how warm, on what ground, before whom, and in which stages. */
export function OccasionForm({ clientId, onClose, onSaved, of }: Props) {
  const [busy, setBusy] = useState(false);
  const form = useForm<Values>({
    initialValues: valuesOf(of?.occasion ?? {}, of?.stages ?? []),
    validate: {
      date: (day) =>
        day !== '' && day < todayHere() && day !== of?.occasion.date
          ? 'this day is past: is the year right?'
          : null,
    },
  });
  const save = form.onSubmit(async (values) => {
    setBusy(true);
    try {
      const before = of ? { clientId, ...inputOf(valuesOf(of.occasion, of.stages)) } : {};
      const { id } = await callMerging(
        'save-occasion',
        { clientId, id: of?.id, version: of?.version, ...inputOf(values) },
        before,
      );
      onSaved(id, values.title);
      onClose();
    } catch (error) {
      showAtFields(error, form, (path) => path.replace(/^occasion\.|^repeat\.|\bchanges\./, ''));
    } finally {
      setBusy(false);
    }
  });
  const start = (name: string): void => {
    const template = OCCASION_TEMPLATES.find((each) => each.name === name);
    if (!template) return;
    const { date, place, stages, everyDays, times } = form.values;
    form.setValues({ ...valuesOf(template.occasion, []), date, place, stages, everyDays, times });
  };
  return (
    <Modal opened onClose={onClose} title={of ? `Change ${of.occasion.title}` : 'Add an occasion'} size="lg">
      <form onSubmit={save} className="occasion-form">
        {!of && (
          <NativeSelect
            label="Start from"
            data={[
              { value: '', label: 'nothing in particular' },
              ...OCCASION_TEMPLATES.map(({ name }) => name),
            ]}
            onChange={(event) => start(event.currentTarget.value)}
          />
        )}
        <Fields form={form} />
        <Stages form={form} />
        {!of && <Repeat form={form} />}
        <Button type="submit" loading={busy}>
          {of ? 'Save' : 'Add'}
        </Button>
      </form>
    </Modal>
  );
}

interface PartProps {
  readonly form: UseFormReturnType<Values>;
}

/** What it is, how dressed, how warm, on what ground, and what may and must be worn. */
function Fields({ form }: PartProps) {
  const unchecked = uncheckedCode([...form.values.bans, ...form.values.musts]);
  return (
    <>
      <div className="occasion-row">
        <TextInput label="What" required data-autofocus {...form.getInputProps('title')} />
        <TextInput label="Day" type="date" required {...form.getInputProps('date')} />
      </div>
      <div className="occasion-row">
        <TextInput label="Place" {...form.getInputProps('place')} />
        <SegmentedControl
          aria-label="Time of day"
          data={['day', 'evening']}
          {...form.getInputProps('time')}
        />
      </div>
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
      <div className="occasion-numbers">
        <WarmthField label="Indoors" {...form.getInputProps('indoorC')} />
        <WarmthField label="Outdoors" {...form.getInputProps('outdoorC')} />
        <NumberInput label="Wind, m/s" hideControls {...form.getInputProps('windMs')} />
        <NumberInput label="Humidity, %" hideControls {...form.getInputProps('humidityPct')} />
        <NumberInput label="Hours on the feet" hideControls {...form.getInputProps('hoursOnFeet')} />
        <NativeSelect label="Mostly" data={ACTIVITY} {...form.getInputProps('activityMet')} />
      </div>
      <MultiSelect label="Ground" data={[...SURFACES]} {...form.getInputProps('surfaces')} />
      <div className="occasion-row">
        <TagsInput
          label="Not to be worn"
          description="White, jeans, bare shoulders."
          {...form.getInputProps('bans')}
        />
        <TagsInput
          label="Must be"
          description="All black, a tie, shoulders covered."
          {...form.getInputProps('musts')}
        />
        <TagsInput label="To be carried" {...form.getInputProps('carry')} />
        <TagsInput label="Seen by" {...form.getInputProps('seenBy')} />
      </div>
      {unchecked && (
        <p className="small soft" role="status">
          {unchecked}
        </p>
      )}
    </>
  );
}

function Repeat({ form }: PartProps) {
  return (
    <div className="occasion-row">
      <NativeSelect
        label="Comes again"
        data={[
          { value: '', label: 'no' },
          { value: '1', label: 'every day' },
          { value: '7', label: 'every week' },
          { value: '14', label: 'every other week' },
          { value: '28', label: 'every four weeks' },
        ]}
        {...form.getInputProps('everyDays')}
      />
      {form.values.everyDays !== '' && (
        <NumberInput label="How often more" min={1} max={52} hideControls {...form.getInputProps('times')} />
      )}
    </div>
  );
}

/** Ceremony, quay, supper: what differs in each. */
function Stages({ form }: PartProps) {
  return (
    <fieldset className="occasion-stages">
      <legend>Stages, when it is more than one thing</legend>
      {form.values.stages.map((stage, i) => (
        <div key={i} className="occasion-stage">
          <TextInput size="xs" label="Stage" {...form.getInputProps(`stages.${i}.title`)} />
          <WarmthField size="xs" label="Outdoors" {...form.getInputProps(`stages.${i}.outdoorC`)} />
          <MultiSelect
            size="xs"
            label="Ground"
            data={[...SURFACES]}
            {...form.getInputProps(`stages.${i}.surfaces`)}
          />
          <Checkbox
            size="xs"
            label="less dressed"
            checked={stage.formality !== null}
            onChange={(event) => {
              const [lo, hi] = form.values.formality;
              const less: [number, number] = [Math.max(0, lo - 2), Math.max(0, hi - 2)];
              form.setFieldValue(`stages.${i}.formality`, event.currentTarget.checked ? less : null);
            }}
          />
          <Button
            size="xs"
            variant="default"
            aria-label={`Remove stage ${stage.title || i + 1}`}
            onClick={() => form.removeListItem('stages', i)}
          >
            Remove
          </Button>
        </div>
      ))}
      <Button
        size="xs"
        variant="default"
        onClick={() =>
          form.insertListItem('stages', { title: '', outdoorC: '', formality: null, surfaces: [] })
        }
      >
        Add a stage
      </Button>
    </fieldset>
  );
}
