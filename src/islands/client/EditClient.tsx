import type { ClientView } from '@contracts/views';
import type { StoredProfile } from '@contracts/profile';
import { parseMoney } from '@core/money';
import { BODY_MEASURES } from '@core/figure';
import { ZONES } from '@core/piece';
import {
  Button,
  Checkbox,
  Drawer,
  MultiSelect,
  NumberInput,
  Select,
  TagsInput,
  Textarea,
  TextInput,
} from '@mantine/core';
import { useForm } from '@mantine/form';
import { ApiProblem, call, showProblem } from '@ui/api';
import { useState } from 'react';
import { MEASURE_WORDS } from './measure-words';

interface Values {
  name: string;
  about: string;
  email: string;
  budget: string;
  notes: string;
  measures: Record<string, number | string>;
  allergies: string[];
  nevers: string[];
  cover: string[];
  moods: string[];
  heelMaxMm: number | string;
  washableOnly: boolean;
  statement: string | null;
  pattern: string | null;
  longerLeg: boolean;
}

/** Everything of a client that may be changed by hand. What the server refuses is named at its field. */
export function EditClient({
  view,
  opened,
  onClose,
}: {
  readonly view: ClientView;
  readonly opened: boolean;
  readonly onClose: () => void;
}) {
  const { measures: _measures, ...profile } = view.profile;
  const [busy, setBusy] = useState(false);
  const form = useForm<Values>({
    initialValues: {
      name: view.name,
      about: view.about,
      email: view.email,
      budget: view.boxBudgetMinor === null ? '' : (view.boxBudgetMinor / 100).toFixed(2),
      notes: view.notes,
      measures: Object.fromEntries(
        BODY_MEASURES.map((name) => [
          name,
          view.given[name] === undefined ? '' : (view.given[name] ?? 0) / 10,
        ]),
      ),
      allergies: [...profile.allergies],
      nevers: [...profile.nevers],
      cover: [...profile.cover],
      moods: [...profile.moods],
      heelMaxMm: profile.limits.heelMaxMm ?? '',
      washableOnly: profile.limits.washableOnly,
      statement: profile.appetite.statement ?? null,
      pattern: profile.appetite.pattern ?? null,
      longerLeg: profile.goals.includes('longer-leg'),
    },
    validate: { budget: (text) => (text !== '' && parseMoney(text) === undefined ? 'not an amount' : null) },
  });
  const save = form.onSubmit(async (values) => {
    setBusy(true);
    try {
      const measures = Object.fromEntries(
        Object.entries(values.measures).flatMap(([name, cm]) =>
          cm === '' ? [] : [[name, Math.round(Number(cm) * 10)]],
        ),
      );
      const changed = {
        ...profile,
        allergies: values.allergies,
        nevers: values.nevers,
        cover: values.cover as StoredProfile['cover'],
        moods: values.moods,
        limits: {
          ...profile.limits,
          heelMaxMm: values.heelMaxMm === '' ? undefined : Number(values.heelMaxMm),
          washableOnly: values.washableOnly,
        },
        appetite: {
          ...profile.appetite,
          statement: (values.statement ?? undefined) as StoredProfile['appetite']['statement'],
          pattern: (values.pattern ?? undefined) as StoredProfile['appetite']['pattern'],
        },
        goals: values.longerLeg
          ? [...new Set([...profile.goals, 'longer-leg' as const])]
          : profile.goals.filter((goal) => goal !== 'longer-leg'),
      };
      await call('save-client', {
        id: view.id,
        version: view.version,
        name: values.name,
        about: values.about,
        email: values.email,
        phone: view.phone,
        sizes: view.sizes,
        measures,
        profile: changed,
        boxBudgetMinor: values.budget === '' ? null : (parseMoney(values.budget) ?? null),
        pieceBudgetMinor: view.pieceBudgetMinor,
        notes: values.notes,
      });
      location.reload();
    } catch (error) {
      if (error instanceof ApiProblem)
        for (const { path, message } of error.faults) form.setFieldError(path, message);
      showProblem(error);
      setBusy(false);
    }
  });
  return (
    <Drawer opened={opened} onClose={onClose} position="right" size="lg" title={`Edit ${view.name}`}>
      <form onSubmit={save} style={{ display: 'grid', gap: 12 }}>
        <TextInput label="Name" required {...form.getInputProps('name')} />
        <TextInput label="About, in a line" {...form.getInputProps('about')} />
        <TextInput label="E-mail" type="email" {...form.getInputProps('email')} />
        <fieldset
          style={{
            border: '1px solid var(--line)',
            borderRadius: 3,
            display: 'grid',
            gridTemplateColumns: 'repeat(3, 1fr)',
            gap: 8,
          }}
        >
          <legend>Measures in cm; what is left out is estimated</legend>
          {BODY_MEASURES.map((name) => (
            <NumberInput
              key={name}
              label={MEASURE_WORDS[name]}
              hideControls
              decimalScale={1}
              {...form.getInputProps(`measures.${name}`)}
            />
          ))}
        </fieldset>
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
        <MultiSelect label="Keep covered" data={[...ZONES]} {...form.getInputProps('cover')} />
        <NumberInput label="Highest heel, mm" hideControls {...form.getInputProps('heelMaxMm')} />
        <Checkbox
          label="Washable at home only"
          {...form.getInputProps('washableOnly', { type: 'checkbox' })}
        />
        <Checkbox
          label="Wishes for a longer leg line"
          {...form.getInputProps('longerLeg', { type: 'checkbox' })}
        />
        <Select
          label="Appetite for statements"
          clearable
          data={['quiet', 'one', 'bold']}
          {...form.getInputProps('statement')}
        />
        <Select
          label="Appetite for pattern"
          clearable
          data={['none', 'one', 'mix']}
          {...form.getInputProps('pattern')}
        />
        <TagsInput label="Mood words" {...form.getInputProps('moods')} />
        <TextInput label="Budget for a box" {...form.getInputProps('budget')} />
        <Textarea label="Notes" autosize minRows={2} {...form.getInputProps('notes')} />
        <Button type="submit" loading={busy}>
          Save
        </Button>
      </form>
    </Drawer>
  );
}
