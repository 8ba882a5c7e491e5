import { type BriefAnswers, BRIEF_FIELDS, type BriefField } from '@contracts/own-brief';
import type { BriefLinkView } from '@contracts/client/brief-link-view';
import type { ClientView } from '@contracts/client/client-view';
import { colourName } from '@core/colour';
import { money } from '@core/money';
import { Button, Checkbox, CopyButton, TextInput } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useTongue } from '@ui/tongue';
import { lengthIn, type Tongue } from '@core/words';
import { useState } from 'react';

const WORDS: Readonly<Record<BriefField, string>> = {
  moods: 'Moods',
  occasions: 'Occasions',
  asks: 'Asks',
  budgetMinor: 'Budget',
  sizes: 'Sizes',
  heightMm: 'Height',
  cover: 'Keeps covered',
  heelMaxMm: 'Highest heel',
  allergies: 'Allergies',
  nevers: 'Never',
  like: 'Likes',
  avoid: 'Avoids',
  notes: 'Notes',
};

/** An answer in words. */
function said(answers: BriefAnswers, field: BriefField, currency: string, tongue: Tongue): string {
  switch (field) {
    case 'budgetMinor':
      return money(answers.budgetMinor ?? 0, currency);
    case 'heightMm':
      return lengthIn(answers.heightMm ?? 0, tongue);
    case 'heelMaxMm':
      return lengthIn(answers.heelMaxMm ?? 0, tongue);
    case 'occasions':
      return (answers.occasions ?? []).map(({ title, day }) => (day ? `${title}, ${day}` : title)).join('; ');
    case 'sizes':
      return Object.entries(answers.sizes ?? {})
        .map(([kind, size]) => `${kind} ${size}`)
        .join(', ');
    case 'like':
    case 'avoid':
      return (answers[field] ?? []).map(colourName).join(', ');
    case 'notes':
      return answers.notes ?? '';
    default:
      return (answers[field] ?? []).join(', ');
  }
}

/** What stands on the client's page now, beside what was sent. */
function now(view: ClientView, field: BriefField, currency: string, tongue: Tongue): string {
  const { profile } = view;
  const before: BriefAnswers = {
    moods: [...profile.moods],
    budgetMinor: view.boxBudgetMinor ?? undefined,
    sizes: view.sizes,
    heightMm: view.given.heightMm,
    cover: [...profile.cover],
    heelMaxMm: profile.limits.heelMaxMm,
    allergies: [...profile.allergies],
    nevers: [...profile.nevers],
    like: [...profile.colourCard.like],
    avoid: [...profile.colourCard.avoid],
    notes: view.notes,
  };
  const value = before[field];
  return value === undefined || (Array.isArray(value) && value.length === 0)
    ? ''
    : said(before, field, currency, tongue);
}

interface Props {
  readonly view: ClientView;
  readonly currency: string;
  readonly onChanged: () => void;
}

/** The private link to the client's own brief; and what came back, taken over line by line. */
export function OwnBriefPanel({ view, currency, onChanged }: Props) {
  const [address, setAddress] = useState<string>();
  const [busy, setBusy] = useState(false);
  const open = view.links.find(({ state }) => state === 'open');
  const sent = view.links.find(({ state }) => state === 'sent');
  const make = async (): Promise<void> => {
    setBusy(true);
    try {
      const { path } = await call('make-brief-link', { clientId: view.id });
      setAddress(new URL(path, location.origin).href);
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  const revoke = async (id: string): Promise<void> => {
    try {
      await call('revoke-brief-link', { clientId: view.id, id });
      showDone('The link does not work any more.');
      onChanged();
    } catch (error) {
      showProblem(error);
    }
  };
  return (
    <section className="sheet" aria-label="The client's own brief">
      <div className="sheet-head">
        <h2>Own brief</h2>
        <Button size="xs" variant="default" loading={busy} onClick={() => void make()}>
          {open || address ? 'Make a new link' : 'Make a private link'}
        </Button>
      </div>
      {address && (
        <div className="own-link">
          <TextInput
            readOnly
            aria-label="Private link"
            value={address}
            onFocus={(event) => event.target.select()}
          />
          <CopyButton value={address}>
            {({ copied, copy }) => <Button onClick={copy}>{copied ? 'Copied' : 'Copy'}</Button>}
          </CopyButton>
          <p className="small soft">
            Shown only now. It works for fourteen days, and opens nothing but the form.
          </p>
        </div>
      )}
      {open && !address && (
        <p className="small">
          A link is out until {dayWords(open.expiresOn)}.{' '}
          <button className="plain-button" onClick={() => void revoke(open.id)}>
            Stop it
          </button>
        </p>
      )}
      {!open && !address && !sent && (
        <p className="small soft">A short form on the client’s phone; what comes back is yours to accept.</p>
      )}
      {sent?.answers && (
        <Proposal view={view} currency={currency} link={sent} answers={sent.answers} onChanged={onChanged} />
      )}
    </section>
  );
}

function Proposal({
  view,
  currency,
  link,
  answers,
  onChanged,
}: Props & { readonly link: BriefLinkView; readonly answers: BriefAnswers }) {
  const tongue = useTongue();
  const fields = BRIEF_FIELDS.filter((field) => answers[field] !== undefined);
  const [take, setTake] = useState<ReadonlySet<BriefField>>(new Set(fields));
  const [busy, setBusy] = useState(false);
  const settle = async (): Promise<void> => {
    setBusy(true);
    try {
      await call('settle-brief', { clientId: view.id, id: link.id, take: [...take] });
      onChanged();
    } catch (error) {
      showProblem(error);
      setBusy(false);
    }
  };
  return (
    <form
      className="brief-answers"
      onSubmit={(event) => {
        event.preventDefault();
        void settle();
      }}
    >
      <p>
        <b>{view.name} wrote.</b> Take over what is to stand; the rest stays as it is.
      </p>
      <ul className="rows">
        {fields.map((field) => (
          <li key={field}>
            <Checkbox
              label={WORDS[field]}
              checked={take.has(field)}
              onChange={(event) => {
                const next = new Set(take);
                if (event.currentTarget.checked) next.add(field);
                else next.delete(field);
                setTake(next);
              }}
            />
            <span>
              {said(answers, field, currency, tongue)}
              {now(view, field, currency, tongue) && (
                <span className="small soft facts-line">now: {now(view, field, currency, tongue)}</span>
              )}
            </span>
          </li>
        ))}
      </ul>
      {link.photos.length > 0 && (
        <div className="piece-cards">
          {link.photos.map(({ id, caption }) => (
            <img
              key={id}
              className="garment-photo"
              src={`/photo/${id}`}
              alt={caption || 'Photo sent along'}
              height={96}
            />
          ))}
        </div>
      )}
      <Button type="submit" loading={busy}>
        {take.size === 0 ? 'Take nothing over' : `Take over ${take.size} of ${fields.length}`}
      </Button>
    </form>
  );
}
