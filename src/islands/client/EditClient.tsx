import type { ClientView } from '@contracts/client/client-view';
import { schoolsSchema } from '@contracts/profile';
import {
  BODY_MEASURES,
  type BodyMeasure,
  girthsOfSize,
  HAIR,
  type LengthUnit,
  USUAL_SIZES,
} from '@core/figure';
import { PRONOUNS } from '@core/words';
import { CATEGORIES, DEPARTMENTS, GOALS } from '@core/piece';
import {
  Button,
  Checkbox,
  Drawer,
  MultiSelect,
  NativeSelect,
  NumberInput,
  SegmentedControl,
  Select,
  Tabs,
  TagsInput,
  Textarea,
  TextInput,
} from '@mantine/core';
import { useForm, type UseFormReturnType } from '@mantine/form';
import { heightDoubtIn, lengthText, readLength } from '@core/reading';
import { amountOf } from '@ui/amounts';
import { ApiProblem, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { MeasureMap, ZoneMap } from '@ui/BodyMap';
import { LengthField } from '@ui/LengthField';
import { pageTongue } from '@ui/tongue';
import { useState } from 'react';
import { ColourPicks } from '../piece/ColourPicks';
import { type EditValues, heelIn, inputOf, lengthFaults, linesOf, measuresIn, valuesOf } from './edit-values';
import { MEASURE_WORDS } from './measure-words';

interface Props {
  readonly view: ClientView;
  readonly opened: boolean;
  readonly onClose: () => void;
  /** Resolves when the page shows what was saved. */
  readonly onSaved: () => Promise<void>;
}

type Form = UseFormReturnType<EditValues>;

/** Where the server's name of a field is not the form's. */
const FIELD_OF: Readonly<Record<string, string>> = { 'profile.limits.heelMaxMm': 'heelMax' };
const TABS: Readonly<Record<string, readonly string[]>> = {
  measures: ['measures', 'sizes'],
  limits: ['allergies', 'nevers', 'cover', 'looseOver', 'heelMax', 'limits', 'avoidFibres', 'avoidMetals'],
  taste: ['moods', 'goals', 'appetite', 'pronoun', 'department', 'hair', 'pierced', 'skinHex', 'colourCard'],
  schools: ['schools'],
};
const tabOf = (path: string): string =>
  Object.keys(TABS).find((tab) => TABS[tab]?.includes(path.split(/[.[]/)[0] ?? '')) ?? 'who';

/** Everything of a client that may be changed by hand. What the server refuses is named at its field. */
export function EditClient({ view, opened, onClose, onSaved }: Props) {
  const [busy, setBusy] = useState(false);
  const [unit, setUnit] = useState<LengthUnit>(() => pageTongue().units);
  const form = useForm<EditValues>({
    initialValues: valuesOf(view, unit),
    validate: {
      budget: (text) => (text !== '' && amountOf(text) === undefined ? 'not an amount' : null),
      pieceBudget: (text) => {
        const bad = Object.entries(linesOf(text)).find(
          ([kind, amount]) =>
            !(CATEGORIES as readonly string[]).includes(kind) || amountOf(amount) === undefined,
        );
        return bad ? `${bad.join(' ')}: a kind and an amount a line, as "coat 220"` : null;
      },
      measures: { heightMm: (text) => heightDoubtIn(text, unit) ?? null },
    },
  });
  const [tab, setTab] = useState<string | null>('who');
  /** Marks fields and goes to the first of them, on whichever tab it is. */
  const showFaults = (faults: Readonly<Record<string, string>>): void => {
    for (const [path, message] of Object.entries(faults)) form.setFieldError(path, message);
    const [first] = Object.keys(faults);
    if (first) setTab(tabOf(first));
  };
  const save = form.onSubmit(
    async (values) => {
      const unread = lengthFaults(values, unit);
      if (Object.keys(unread).length > 0) return showFaults(unread);
      setBusy(true);
      try {
        const before = inputOf(view, valuesOf(view, unit), unit);
        await callMerging('save-client', inputOf(view, values, unit), before);
        onClose();
        await onSaved();
      } catch (error) {
        if (error instanceof ApiProblem)
          showFaults(
            Object.fromEntries(
              error.faults.map(({ path, message }) => [
                FIELD_OF[path] ?? path.replace('profile.', ''),
                message,
              ]),
            ),
          );
        showProblem(error);
      } finally {
        setBusy(false);
      }
    },
    (errors) => showFaults(errors as Record<string, string>),
  );
  const changeUnit = (next: LengthUnit): void => {
    setUnit(next);
    // What was typed stays the length it is, said in the other unit.
    const said = (text: string, isHeight: boolean, was: string, now: string): string => {
      const mm = readLength(text, { unit, isHeight });
      return text === was || mm === undefined ? now : lengthText(mm, next);
    };
    const [was, now] = [measuresIn(view, unit), measuresIn(view, next)];
    form.setFieldValue(
      'measures',
      Object.fromEntries(
        Object.entries(form.values.measures).map(([name, text]) => [
          name,
          said(text, name === 'heightMm', was[name] ?? '', now[name] ?? ''),
        ]),
      ),
    );
    form.setFieldValue('heelMax', said(form.values.heelMax, false, heelIn(view, unit), heelIn(view, next)));
  };
  return (
    <Drawer opened={opened} onClose={onClose} position="right" size={720} title={`Edit ${view.name}`}>
      <form onSubmit={save} className="edit-client">
        <Tabs value={tab} onChange={setTab}>
          <Tabs.List>
            <Tabs.Tab value="who">Who</Tabs.Tab>
            <Tabs.Tab value="measures">Measures</Tabs.Tab>
            <Tabs.Tab value="limits">Limits</Tabs.Tab>
            <Tabs.Tab value="taste">Taste</Tabs.Tab>
            <Tabs.Tab value="schools">Schools</Tabs.Tab>
          </Tabs.List>
          <Tabs.Panel value="who" pt="md" className="edit-panel">
            <TextInput label="Name" required {...form.getInputProps('name')} />
            <TextInput label="About, in a line" {...form.getInputProps('about')} />
            <TextInput label="E-mail" type="email" {...form.getInputProps('email')} />
            <TextInput label="Phone" {...form.getInputProps('phone')} />
            <Textarea
              label="Postal address"
              description="For parcels: a line each, the town last"
              autosize
              minRows={2}
              maxRows={5}
              {...form.getInputProps('address')}
            />
            <TextInput label="Budget for a box" inputMode="decimal" {...form.getInputProps('budget')} />
            <Textarea
              label="Most for a piece"
              description="A kind and an amount a line: coat 220"
              autosize
              minRows={2}
              {...form.getInputProps('pieceBudget')}
            />
            <Textarea label="Notes" autosize minRows={2} {...form.getInputProps('notes')} />
          </Tabs.Panel>
          <Tabs.Panel value="measures" pt="md">
            <Measures view={view} form={form} unit={unit} onUnit={changeUnit} />
          </Tabs.Panel>
          <Tabs.Panel value="limits" pt="md" className="edit-panel">
            <TagsInput
              label="Allergies"
              description="A match stops a piece."
              {...form.getInputProps('allergies')}
            />
            <TagsInput
              label="Never"
              description="A category, a fibre, a cloth, a pattern or a colour."
              {...form.getInputProps('nevers')}
            />
            <div>
              <div>Keeps covered</div>
              <ZoneMap
                label="Keeps covered"
                measures={view.given}
                zones={form.values.cover}
                onChange={(zones) => form.setFieldValue('cover', zones)}
              />
            </div>
            <MultiSelect
              label="Nothing may cling over"
              data={['chest', 'midriff', 'seat', 'thighs', 'upper-arms']}
              {...form.getInputProps('looseOver')}
            />
            <div className="edit-row">
              <LengthField label={`Highest heel, ${unit}`} unit={unit} {...form.getInputProps('heelMax')} />
              <NumberInput label="Heaviest bag, g" hideControls {...form.getInputProps('bagMaxG')} />
              <NativeSelect
                label="Open toes"
                data={[{ value: '', label: 'not said' }, 'yes', 'no']}
                {...form.getInputProps('openToe')}
              />
            </div>
            <TagsInput label="Fibres to leave out" {...form.getInputProps('avoidFibres')} />
            <TagsInput label="Metals to leave out" {...form.getInputProps('avoidMetals')} />
            <Checkbox
              label="Washable at home only"
              {...form.getInputProps('washableOnly', { type: 'checkbox' })}
            />
          </Tabs.Panel>
          <Tabs.Panel value="taste" pt="md" className="edit-panel">
            <TagsInput label="Mood words" {...form.getInputProps('moods')} />
            <MultiSelect
              label="Wishes of their own"
              description="Off unless the client asks for it."
              data={GOALS.map((value) => ({ value, label: value.replace('-', ' ') }))}
              {...form.getInputProps('goals')}
            />
            <div className="edit-row">
              <Select
                label="Statements"
                clearable
                data={['quiet', 'one', 'bold']}
                {...form.getInputProps('statement')}
              />
              <Select
                label="Pattern"
                clearable
                data={['none', 'one', 'mix']}
                {...form.getInputProps('pattern')}
              />
              <NumberInput
                label="Edge, 0 to 5"
                min={0}
                max={5}
                hideControls
                {...form.getInputProps('edge')}
              />
            </div>
            <div className="edit-row">
              <NativeSelect
                label="Pronoun"
                data={[{ value: '', label: 'not said' }, ...PRONOUNS]}
                {...form.getInputProps('pronoun')}
              />
              <NativeSelect
                label="Shops"
                data={[{ value: '', label: 'not said' }, ...DEPARTMENTS]}
                {...form.getInputProps('department')}
              />
              <Select label="Hair, usually" clearable data={[...HAIR]} {...form.getInputProps('hair')} />
              <NativeSelect
                label="Pierced ears"
                data={[{ value: '', label: 'not said' }, 'yes', 'no']}
                {...form.getInputProps('pierced')}
              />
              <TextInput
                label="Skin colour"
                description="Only if offered"
                placeholder="#c8a488"
                {...form.getInputProps('skinHex')}
              />
            </div>
            {(['like', 'avoid', 'never'] as const).map((part) => (
              <ColourPicks
                key={part}
                label={{ like: 'Likes', avoid: 'Avoids', never: 'Never' }[part]}
                hexes={form.values[part]}
                onChange={(hexes) => form.setFieldValue(part, hexes)}
              />
            ))}
          </Tabs.Panel>
          <Tabs.Panel value="schools" pt="md" className="edit-panel">
            <p className="small soft">
              Several respected ways to judge. What is left open follows the shop; an appetite said under
              Taste wins.
            </p>
            <div className="edit-row">
              {Object.entries(schoolsSchema.shape).map(([matter, { options }]) => (
                <NativeSelect
                  key={matter}
                  label={matter}
                  data={[{ value: '', label: 'as the shop' }, ...options]}
                  value={form.values.schools[matter] ?? ''}
                  onChange={(event) => form.setFieldValue(`schools.${matter}`, event.currentTarget.value)}
                />
              ))}
            </div>
          </Tabs.Panel>
        </Tabs>
        <Button type="submit" loading={busy}>
          Save
        </Button>
      </form>
    </Drawer>
  );
}

interface MeasuresProps {
  readonly view: ClientView;
  readonly form: Form;
  readonly unit: LengthUnit;
  readonly onUnit: (unit: LengthUnit) => void;
}

/** The measures in cm or inches, beside a figure that shows where the tape lies for the one being typed. */
function Measures({ view, form, unit, onUnit }: MeasuresProps) {
  const [at, setAt] = useState<BodyMeasure>('heightMm');
  const estimate = (size: string): void => {
    const girths = girthsOfSize(size);
    if (!girths) return;
    const open = Object.entries(girths).filter(
      ([name]) => form.values.measures[name] === '' || form.values.estimated.includes(name),
    );
    for (const [name, mm] of open) form.setFieldValue(`measures.${name}`, lengthText(mm, unit));
    form.setFieldValue('estimated', [...new Set([...form.values.estimated, ...open.map(([name]) => name)])]);
  };
  return (
    <div className="edit-measures">
      <div className="edit-panel">
        <div className="edit-row">
          <SegmentedControl
            aria-label="Unit of the measures"
            data={['cm', 'in']}
            value={unit}
            onChange={(value) => onUnit(value as LengthUnit)}
          />
          <NativeSelect
            aria-label="Start from a usual size"
            data={[{ value: '', label: 'start from a size' }, ...USUAL_SIZES]}
            onChange={(event) => estimate(event.currentTarget.value)}
          />
        </div>
        <p className="small soft">What is left out is estimated from the rest and marked so.</p>
        <div className="edit-grid">
          {BODY_MEASURES.map((name) => (
            <LengthField
              key={name}
              size="xs"
              label={MEASURE_WORDS[name]}
              placeholder={estimated(view, name, unit)}
              unit={unit}
              isHeight={name === 'heightMm'}
              {...form.getInputProps(`measures.${name}`)}
              onFocus={() => setAt(name)}
              description={form.values.estimated.includes(name) ? 'from the size' : undefined}
              onKeyDown={() =>
                form.setFieldValue(
                  'estimated',
                  form.values.estimated.filter((each) => each !== name),
                )
              }
            />
          ))}
        </div>
        <Textarea
          label="Sizes by kind or label"
          description="One a line: boots 38, Lockgate tops M"
          autosize
          minRows={2}
          {...form.getInputProps('sizes')}
        />
      </div>
      <MeasureMap measures={view.given} measure={at} />
    </div>
  );
}

/** What the app takes meanwhile for a measure nobody gave. */
function estimated(view: ClientView, name: BodyMeasure, unit: LengthUnit): string {
  const found = view.body.find((each) => each.name === name);
  return found && found.origin !== 'given' ? `est. ${lengthText(found.mm, unit)}` : '';
}
