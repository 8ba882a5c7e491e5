import type { BoxView } from '@contracts/box/box-view';
import { learnedWords } from '@core/client';
import { isSettled } from '@core/box';
import { carriedAsks, kindsWanted, readAsk } from '@core/reading';
import { nextStaple } from '@core/closet';
import { Button, TagsInput, Textarea, TextInput } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { amountOf } from '@ui/amounts';
import { Providers } from '@ui/Providers';
import { useBox } from '@ui/useBox';
import { useMemo, useState } from 'react';
import { OccasionForm } from '../occasion/OccasionForm';
import { AskList } from './AskList';
import { BriefDates } from './BriefDates';
import { BriefOccasions } from './BriefOccasions';
import { ClosetAnswers } from './ClosetAnswers';
import { asked, useBrief } from './useBrief';
import { WhoseBox } from './WhoseBox';
import './brief.css';

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
  const { form, save } = useBrief(view, run);
  const { values } = form;
  const saveAndPull = async (): Promise<void> => {
    if (await save()) location.assign(`/box/${view.id}/pull`);
  };
  useKeys([['mod+S', () => void save()]], true);
  const asks = asked(values.asks);
  const carried = carriedAsks(asks, amountOf(values.budget), cheapest);
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
          <BriefOccasions
            view={view}
            added={added}
            chosen={values.occasionIds}
            onChoose={(ids) => form.setFieldValue('occasionIds', ids)}
            onAdd={open}
          />
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
          <BriefDates view={view} />
          <WhoseBox
            view={view}
            busy={busy === 'hand-over'}
            onHandOver={async (input) =>
              (await run('hand-over', input, 'The box is handed over.')) !== undefined
            }
          />
          <LastTime learned={view.learned} />
          {next && (
            <Missing
              title={(next.title ?? '').toLowerCase()}
              disabled={closed}
              onAsk={(text) =>
                form.setFieldValue('asks', [...asked(values.asks), readAsk(text, view.shop.tongue.english)])
              }
            />
          )}
          <ClosetAnswers answered={answered} />
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

function LastTime({ learned }: Pick<BoxView, 'learned'>) {
  if (learned.length === 0) return null;
  return (
    <section className="sheet" aria-label="From last time">
      <h2>From last time</h2>
      <ul className="learned">
        {learned.map((each) => (
          <li key={learnedWords(each)}>{learnedWords(each)}</li>
        ))}
      </ul>
    </section>
  );
}

interface MissingProps {
  readonly title: string;
  readonly disabled: boolean;
  readonly onAsk: (text: string) => void;
}

/** The first of the shop's staples that is neither owned nor in the box. */
function Missing({ title, disabled, onAsk }: MissingProps) {
  return (
    <section className="sheet" aria-label="The ladder">
      <h2>Missing from the closet</h2>
      <p className="small soft">
        The first of the shop’s staples that is not there:{' '}
        <button type="button" className="plain-button" disabled={disabled} onClick={() => onAsk(title)}>
          ask for {title}
        </button>
      </p>
    </section>
  );
}
