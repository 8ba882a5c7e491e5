import type { ClientView } from '@contracts/client/client-view';
import type { RhythmView } from '@contracts/rhythm/rhythm-view';
import { addDays, type Pace, rhythmWords } from '@core/schedule';
import { capital } from '@core/words';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { call, showAtFields, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useState } from 'react';

const RHYTHMS: readonly { readonly pace: Pace; readonly every: number }[] = [
  { pace: 'weeks', every: 2 },
  { pace: 'weeks', every: 4 },
  { pace: 'weeks', every: 6 },
  { pace: 'weeks', every: 8 },
  { pace: 'months', every: 1 },
  { pace: 'months', every: 2 },
  { pace: 'months', every: 3 },
  { pace: 'months', every: 6 },
];
const keyOf = ({ pace, every }: { readonly pace: Pace; readonly every: number }): string =>
  `${every} ${pace}`;
const USUAL = { pace: 'weeks', every: 6 } as const;
/** A first box is rarely wanted sooner. */
const FIRST_DAYS = 21;

/** A box every so often without asking: when the next one comes, pause it, skip it, end it. */
export function RhythmPanel({ view }: { readonly view: ClientView }) {
  const [rhythm, setRhythm] = useState(view.rhythm);
  const [editing, setEditing] = useState(false);
  const [busy, setBusy] = useState(false);
  const work = async (
    deed: () => Promise<{ readonly rhythm?: RhythmView | undefined }>,
    done: string,
  ): Promise<void> => {
    setBusy(true);
    try {
      setRhythm((await deed()).rhythm);
      showDone(done);
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  const seen = { clientId: view.id, version: rhythm?.version ?? 1 };
  return (
    <section className="sheet" aria-label="Regular boxes">
      <div className="sheet-head">
        <h2>Regular boxes</h2>
        {!editing && (
          <Button size="xs" variant="default" onClick={() => setEditing(true)}>
            {rhythm ? 'Change' : 'Send boxes regularly'}
          </Button>
        )}
      </div>
      {!rhythm && !editing && (
        <p className="small soft">None. With a rhythm, each brief opens by itself in time.</p>
      )}
      {rhythm && !editing && (
        <>
          <p>
            {capital(rhythmWords(rhythm))}
            {rhythm.paused ? (
              <>
                , <strong>paused</strong>.
              </>
            ) : (
              <>
                ; the next one is with them by <strong>{dayWords(rhythm.nextDay)}</strong>. Its brief opens{' '}
                {rhythm.opensOn <= view.today ? 'within the hour' : dayWords(rhythm.opensOn)}.
              </>
            )}
          </p>
          <div className="rhythm-keys">
            {!rhythm.paused && (
              <Button
                size="compact-xs"
                variant="default"
                disabled={busy}
                onClick={() =>
                  void work(
                    () => call('skip-next', seen),
                    `The box for ${dayWords(rhythm.nextDay)} is left out.`,
                  )
                }
              >
                Skip the next
              </Button>
            )}
            <Button
              size="compact-xs"
              variant="default"
              disabled={busy}
              onClick={() =>
                rhythm.paused && rhythm.nextDay < view.today
                  ? setEditing(true)
                  : void work(
                      () => call('save-rhythm', { ...savedOf(rhythm), ...seen, paused: !rhythm.paused }),
                      rhythm.paused ? 'Boxes come again.' : 'Paused; nothing opens by itself.',
                    )
              }
            >
              {rhythm.paused ? 'Go on' : 'Pause'}
            </Button>
            <Button
              size="compact-xs"
              variant="default"
              disabled={busy}
              onClick={() => void work(() => call('end-rhythm', seen), 'No more regular boxes.')}
            >
              End
            </Button>
          </div>
        </>
      )}
      {editing && (
        <RhythmForm
          view={view}
          rhythm={rhythm}
          onSaved={(saved) => {
            setRhythm(saved);
            setEditing(false);
          }}
          onCancel={() => setEditing(false)}
        />
      )}
    </section>
  );
}

const savedOf = ({ pace, every, nextDay, stylistId }: RhythmView) => ({ pace, every, nextDay, stylistId });

interface FormProps {
  readonly view: ClientView;
  readonly rhythm: RhythmView | undefined;
  readonly onSaved: (rhythm: RhythmView | undefined) => void;
  readonly onCancel: () => void;
}

function RhythmForm({ view, rhythm, onSaved, onCancel }: FormProps) {
  const [busy, setBusy] = useState(false);
  const mine = view.stylists.find(({ id }) => id === view.me) ?? view.stylists[0];
  const form = useForm({
    initialValues: {
      often: keyOf(rhythm ?? USUAL),
      nextDay: rhythm && rhythm.nextDay >= view.today ? rhythm.nextDay : addDays(view.today, FIRST_DAYS),
      stylistId: rhythm?.stylistId ?? mine?.id ?? '',
    },
    validate: { nextDay: (day) => (day < view.today ? 'This day is past' : null) },
  });
  const choices = [...(rhythm ? [rhythm] : []), ...RHYTHMS].filter(
    (each, i, all) => all.findIndex((other) => keyOf(other) === keyOf(each)) === i,
  );
  const save = async ({ often, nextDay, stylistId }: typeof form.values): Promise<void> => {
    const { pace, every } = choices.find((each) => keyOf(each) === often) ?? USUAL;
    setBusy(true);
    try {
      const answer = await call('save-rhythm', {
        clientId: view.id,
        version: rhythm?.version,
        pace,
        every,
        nextDay,
        stylistId,
      });
      showDone(`A box ${rhythmWords({ pace, every })}.`);
      onSaved(answer.rhythm);
    } catch (error) {
      showAtFields(error, form);
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className="rhythm-form"
      aria-label="Regular boxes"
      onSubmit={form.onSubmit((values) => void save(values))}
    >
      <NativeSelect
        label="How often"
        data={choices.map((each) => ({ value: keyOf(each), label: capital(rhythmWords(each)) }))}
        {...form.getInputProps('often')}
      />
      <TextInput type="date" label="Next one with them by" {...form.getInputProps('nextDay')} />
      <NativeSelect
        label="Whose box"
        data={view.stylists.map(({ id, name }) => ({ value: id, label: name }))}
        {...form.getInputProps('stylistId')}
      />
      <div className="rhythm-keys">
        <Button size="xs" type="submit" loading={busy}>
          Save the rhythm
        </Button>
        <Button size="xs" variant="default" onClick={onCancel}>
          Cancel
        </Button>
      </div>
    </form>
  );
}
