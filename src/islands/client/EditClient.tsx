import type { ClientView } from '@contracts/client/client-view';
import type { LengthUnit } from '@core/figure';
import { CATEGORIES } from '@core/piece';
import { heightDoubtIn, lengthText, readLength } from '@core/reading';
import { Button, Drawer, Tabs } from '@mantine/core';
import { useForm } from '@mantine/form';
import { amountOf } from '@ui/amounts';
import { ApiProblem, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { pageTongue } from '@ui/tongue';
import { useState } from 'react';
import { EditMeasures } from './EditMeasures';
import { LimitsTab, SchoolsTab, TasteTab, WhoTab } from './EditTabs';
import { type EditValues, heelIn, inputOf, lengthFaults, linesOf, measuresIn, valuesOf } from './edit-values';

interface Props {
  readonly view: ClientView;
  readonly opened: boolean;
  readonly onClose: () => void;
  /** Resolves when the page shows what was saved. */
  readonly onSaved: () => Promise<void>;
}

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

/** The form of a client: its values in the unit that is typed, its faults on whichever tab they are, and what saving does. */
function useClientForm({ view, onClose, onSaved }: Omit<Props, 'opened'>) {
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
  return { form, busy, unit, changeUnit, tab, setTab, save };
}

/** Everything of a client that may be changed by hand. What the server refuses is named at its field. */
export function EditClient({ view, opened, onClose, onSaved }: Props) {
  const { form, busy, unit, changeUnit, tab, setTab, save } = useClientForm({ view, onClose, onSaved });
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
            <WhoTab form={form} />
          </Tabs.Panel>
          <Tabs.Panel value="measures" pt="md">
            <EditMeasures view={view} form={form} unit={unit} onUnit={changeUnit} />
          </Tabs.Panel>
          <Tabs.Panel value="limits" pt="md" className="edit-panel">
            <LimitsTab form={form} unit={unit} given={view.given} />
          </Tabs.Panel>
          <Tabs.Panel value="taste" pt="md" className="edit-panel">
            <TasteTab form={form} />
          </Tabs.Panel>
          <Tabs.Panel value="schools" pt="md" className="edit-panel">
            <SchoolsTab form={form} />
          </Tabs.Panel>
        </Tabs>
        <Button type="submit" loading={busy}>
          Save
        </Button>
      </form>
    </Drawer>
  );
}
