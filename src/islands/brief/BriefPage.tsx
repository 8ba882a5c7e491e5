import type { BoxView } from '@contracts/box/box-view';
import { learnedWords } from '@core/client';
import { isSettled } from '@core/box';
import { type Ask, carriedAsks, kindsWanted, readAsk } from '@core/reading';
import { nextStaple } from '@core/closet';
import { parseMoney } from '@core/money';
import { daysBetween } from '@core/schedule';
import { Button, Checkbox, TagsInput, Textarea, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { useDisclosure, useHotkeys } from '@mantine/hooks';
import { dayWords } from '@ui/days';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { useMemo, useState } from 'react';
import { OccasionForm } from '../occasion/OccasionForm';
import { AskList, EMPTY_ASK } from './AskList';
import { WhoseBox } from './WhoseBox';
import './brief.css';

/** Asks with words in them, trimmed. */
const asked = (asks: readonly Ask[]): Ask[] =>
  asks.filter(({ text }) => text.trim() !== '').map((ask) => ({ ...ask, text: ask.text.trim() }));

interface BriefPageProps {
  readonly initial: BoxView;
  /** Cheapest price by kind of what is on the shelf, minor units. */
  readonly cheapest: Readonly<Record<string, number>>;
}

/** Step 1: who, for what and when, with how much, and what was asked for. */
export function BriefPage({ initial, cheapest }: BriefPageProps) {
  const { view, busy, run } = useBox(initial);
  const [added, setAdded] = useState<readonly { id: string; title: string }[]>([]);
  const [adding, { open, close }] = useDisclosure(false);
  const form = useForm({
    initialValues: {
      budget: view.budgetMinor === null ? '' : (view.budgetMinor / 100).toFixed(2),
      occasionIds: [...view.occasionIds],
      asks: view.asks.length > 0 ? view.asks.map(({ ask }) => ask) : [EMPTY_ASK],
      mood: [...view.mood],
      notToSend: view.notToSend,
    },
    validate: {
      budget: (text) =>
        text.trim() === ''
          ? null
          : parseMoney(text) === undefined
            ? `${text}: not an amount`
            : (parseMoney(text) ?? 0) < 0
              ? 'not below 0'
              : null,
    },
  });
  const { values } = form;
  const save = async (): Promise<boolean> => {
    if (form.validate().hasErrors) return false;
    const saved = await run(
      'save-brief',
      {
        boxId: view.id,
        version: view.version,
        budgetMinor: values.budget.trim() === '' ? null : (parseMoney(values.budget) ?? null),
        occasionIds: values.occasionIds,
        asks: asked(values.asks),
        mood: values.mood,
        notToSend: values.notToSend,
      },
      'The brief is saved.',
      {
        budgetMinor: view.budgetMinor,
        occasionIds: [...view.occasionIds],
        asks: view.asks.map(({ ask }) => ask) as never,
        mood: [...view.mood],
        notToSend: view.notToSend,
      },
    );
    return saved !== undefined;
  };
  const saveAndPull = async (): Promise<void> => {
    if (await save()) location.assign(`/box/${view.id}/pull`);
  };
  useHotkeys([['mod+S', () => void save()]], []);
  const asks = asked(values.asks);
  const carried = carriedAsks(asks, parseMoney(values.budget), cheapest);
  const answered = asks.map((ask) => ({
    ask,
    owned: view.owned.filter((piece) => kindsWanted(ask).includes(piece.category)).slice(0, 4),
  }));
  // Neither owned nor pulled, and not asked for yet.
  const ladder = useMemo(() => nextStaple([...view.owned, ...view.lines.map(({ piece }) => piece)]), [view]);
  const next = asks.some(({ text }) => text === ladder?.title?.toLowerCase()) ? undefined : ladder;
  const closed = isSettled(view.state);
  return (
    <Providers keys={[{ keys: 'Ctrl S', does: 'Save the brief' }]}>
      <form
        className="columns brief"
        onSubmit={(event) => {
          event.preventDefault();
          void saveAndPull();
        }}
      >
        <div style={{ display: 'grid', gap: 14 }}>
          <section className="sheet" aria-label="Occasions">
            <div className="sheet-head">
              <h2>For which occasions</h2>
              <Button size="xs" variant="default" onClick={open}>
                Add an occasion
              </Button>
            </div>
            {view.occasions.length + added.length === 0 && (
              <p className="soft">None yet. Add the one this box is for; the dates follow from it.</p>
            )}
            <div style={{ display: 'grid', gap: 8 }}>
              {view.occasions.map(({ id, occasion }) => (
                <Checkbox
                  key={id}
                  label={`${occasion.title}${occasion.date ? `, ${dayWords(occasion.date)}` : ''}`}
                  description={`${occasion.time}; formality ${occasion.formality.join(' to ')}${occasion.place ? `; ${occasion.place}` : ''}${occasion.date && daysBetween(view.today, occasion.date) < 0 ? '; this day is past' : ''}`}
                  checked={values.occasionIds.includes(id)}
                  onChange={(event) =>
                    form.setFieldValue(
                      'occasionIds',
                      event.currentTarget.checked
                        ? [...values.occasionIds, id]
                        : values.occasionIds.filter((each) => each !== id),
                    )
                  }
                />
              ))}
              {added.map(({ id, title }) => (
                <Checkbox
                  key={id}
                  label={title}
                  description="just added"
                  checked={values.occasionIds.includes(id)}
                  onChange={(event) =>
                    form.setFieldValue(
                      'occasionIds',
                      event.currentTarget.checked
                        ? [...values.occasionIds, id]
                        : values.occasionIds.filter((each) => each !== id),
                    )
                  }
                />
              ))}
            </div>
          </section>
          <section className="sheet" aria-label="Asks">
            <h2>What was asked for</h2>
            <p className="small soft">In the client’s words, one a line. Enter adds the next.</p>
            <AskList
              asks={values.asks}
              carried={carried}
              currency={view.shop.currency}
              tongue={view.shop.tongue}
              onChange={(asks) => form.setFieldValue('asks', [...asks])}
            />
          </section>
          <section className="sheet" aria-label="Money and mood" style={{ display: 'grid', gap: 10 }}>
            <TextInput
              label={`Budget for the box, ${view.shop.currency}`}
              description="If everything is kept."
              inputMode="decimal"
              {...form.getInputProps('budget')}
            />
            <TagsInput label="Mood words" {...form.getInputProps('mood')} />
            <Textarea label="What not to send" autosize minRows={1} {...form.getInputProps('notToSend')} />
          </section>
        </div>
        <div style={{ display: 'grid', gap: 14 }}>
          <section className="sheet" aria-label="Dates">
            <h2>Latest dates</h2>
            {view.due ? (
              <dl className="facts dates">
                <dt>Style by</dt>
                <dd className="num">{dayWords(view.due.styleBy)}</dd>
                <dt>Pack by</dt>
                <dd className="num">{dayWords(view.due.packBy)}</dd>
                <dt>Send by</dt>
                <dd className="num">{dayWords(view.due.shipBy)}</dd>
                <dt>Decided by</dt>
                <dd className="num">{dayWords(view.due.decideBy)}</dd>
                {view.wantedBy && (
                  <>
                    <dt>With {view.client.name.split(' ')[0]} on</dt>
                    <dd className="num">{dayWords(view.wantedBy)}</dd>
                  </>
                )}
                {view.due.occasion && (
                  <>
                    <dt>Occasion</dt>
                    <dd className="num">{dayWords(view.due.occasion)}</dd>
                  </>
                )}
              </dl>
            ) : (
              <p className="soft">
                Choose an occasion and save; the dates are worked backwards from its day.
              </p>
            )}
            {view.earliest && (
              <p role="alert" className="tone tone-blocks" style={{ marginTop: 8 }}>
                Too late for this day by post. The earliest that can be met is {dayWords(view.earliest)}; or
                an appointment in the shop.
              </p>
            )}
          </section>
          <WhoseBox
            view={view}
            busy={busy === 'hand-over'}
            onHandOver={async (input) =>
              (await run('hand-over', input, 'The box is handed over.')) !== undefined
            }
          />
          {view.learned.length > 0 && (
            <section className="sheet" aria-label="From last time">
              <h2>From last time</h2>
              <ul className="learned">
                {view.learned.map((each) => (
                  <li key={learnedWords(each)}>{learnedWords(each)}</li>
                ))}
              </ul>
            </section>
          )}
          {next && (
            <section className="sheet" aria-label="The ladder">
              <h2>Missing from the closet</h2>
              <p className="small soft">
                The first of the shop’s staples that is not there:{' '}
                <button
                  type="button"
                  className="plain-button"
                  disabled={closed}
                  onClick={() =>
                    form.setFieldValue('asks', [
                      ...asked(values.asks),
                      readAsk((next.title ?? '').toLowerCase()),
                    ])
                  }
                >
                  ask for {(next.title ?? '').toLowerCase()}
                </button>
              </p>
            </section>
          )}
          <section className="sheet" aria-label="What the closet already answers">
            <h2>The closet answers already</h2>
            {answered.every(({ owned }) => owned.length === 0) && (
              <p className="soft">Nothing of what was asked for is owned yet.</p>
            )}
            {answered
              .filter(({ owned }) => owned.length > 0)
              .map(({ ask, owned }) => (
                <div key={ask.text} style={{ marginTop: 8 }}>
                  <p className="small">{ask.text}</p>
                  <div className="piece-cards">
                    {owned.map((piece) => (
                      <span
                        key={piece.id}
                        className="piece-card"
                        style={{ minHeight: 104, width: 92, cursor: 'default' }}
                      >
                        <GarmentSketch piece={piece} fit={66} decorative />
                        <span className="garment-tag">{piece.title}</span>
                      </span>
                    ))}
                  </div>
                </div>
              ))}
          </section>
          <div style={{ display: 'flex', gap: 8, justifyContent: 'flex-end' }}>
            <Button
              variant="default"
              onClick={() => void save()}
              disabled={closed}
              loading={busy === 'save-brief'}
              title="Save (Ctrl S)"
            >
              Save
            </Button>
            <Button type="submit" disabled={closed} loading={busy === 'save-brief'}>
              Save and pull
            </Button>
          </div>
        </div>
      </form>
      {adding && (
        <OccasionForm
          clientId={view.client.id}
          onClose={close}
          onSaved={(id, title) => {
            setAdded((all) => [...all, { id, title }]);
            form.setFieldValue('occasionIds', [...values.occasionIds, id]);
          }}
        />
      )}
    </Providers>
  );
}
