import type { BriefAnswers } from '@contracts/own-brief';
import type { OwnBriefView } from '@contracts/client/brief-link-view';
import type { LengthUnit } from '@core/figure';
import { heightDoubtIn, lengthText, readLength } from '@core/reading';
import { amountText, parseMoney } from '@core/money';
import type { Zone } from '@core/piece';
import { Button, Chip, SegmentedControl, TagsInput, Textarea, TextInput } from '@mantine/core';
import { ZoneMap } from '@ui/BodyMap';
import { todayHere } from '@ui/days';
import { LengthField } from '@ui/LengthField';
import { Providers } from '@ui/Providers';
import { spell, useTongue } from '@ui/tongue';
import { useState } from 'react';
import { ColourPicks } from '../piece/ColourPicks';
import { base64Of, photoFault } from '../piece/photo';
import { post, useOwnBrief } from './useOwnBrief';
import './own-brief.css';

export interface OwnBriefProps {
  readonly token: string;
  readonly view: OwnBriefView;
}

const MOODS = ['calm', 'playful', 'sharp', 'romantic', 'sporty', 'earthy', 'polished'] as const;
const SIZES = ['tops', 'bottoms', 'dresses', 'shoes'] as const;
/** The client's own brief behind a private link: short, friendly, kept as it goes. Made for a phone. */
export function OwnBriefPage(props: OwnBriefProps) {
  return (
    <Providers>
      <Form {...props} />
    </Providers>
  );
}

function Form({ token, view }: OwnBriefProps) {
  const { answers, set, state, problem, sent, sending, send } = useOwnBrief(token, view);
  if (sent)
    return (
      <main className="own-brief">
        <h1>Thank you, {view.firstName}.</h1>
        <p>Your words are with {view.shopName}. There is nothing more to do; the box will tell.</p>
      </main>
    );
  return (
    <main className="own-brief">
      <header>
        <p className="serif own-shop">{view.shopName}</p>
        <h1>A few words before your box, {view.firstName}</h1>
        <p className="soft">Fill in what you like and leave the rest. It is kept as you go.</p>
      </header>
      <section>
        <h2>How would you like to feel?</h2>
        <Chip.Group multiple value={answers.moods ?? []} onChange={(moods) => set({ moods })}>
          <div className="own-chips">
            {MOODS.map((mood) => (
              <Chip key={mood} value={mood}>
                {mood}
              </Chip>
            ))}
          </div>
        </Chip.Group>
      </section>
      <Occasions answers={answers} onChange={set} />
      <section>
        <h2>What would you love to find?</h2>
        <TagsInput
          aria-label="What would you love to find?"
          description="One thing at a time, then Enter: boots that may get wet"
          value={answers.asks ?? []}
          onChange={(asks) => set({ asks })}
        />
        <Budget currency={view.currency} answers={answers} onChange={set} />
      </section>
      <Measures answers={answers} onChange={set} />
      <ToKnow answers={answers} onChange={set} />
      <Photos token={token} already={view.photos} />
      <section>
        <Textarea
          label="Anything else"
          autosize
          minRows={3}
          value={answers.notes ?? ''}
          onChange={(event) => set({ notes: event.currentTarget.value || undefined })}
        />
      </section>
      {problem && (
        <div role="alert" className="own-problem">
          <b>{problem.title}</b>
          {problem.faults.map(({ path, message }) => (
            <div key={path}>
              {path}: {message}
            </div>
          ))}
        </div>
      )}
      <footer>
        <span role="status" className="small soft">
          {state === 'saved'
            ? 'Kept.'
            : state === 'saving'
              ? 'Keeping…'
              : 'Not kept yet; nothing is lost on this page.'}
        </span>
        <Button size="md" loading={sending} onClick={() => void send()}>
          Send to {view.shopName}
        </Button>
      </footer>
    </main>
  );
}

interface PartProps {
  readonly answers: BriefAnswers;
  readonly onChange: (part: Partial<BriefAnswers>) => void;
}

/** What stays covered, what may not be worn, and the colours. */
function ToKnow({ answers, onChange }: PartProps) {
  return (
    <section>
      <h2>What should we know?</h2>
      <p className="small soft">Tap what you like to keep covered.</p>
      <ZoneMap
        label="Keep covered"
        measures={answers.heightMm ? { heightMm: answers.heightMm } : {}}
        zones={(answers.cover ?? []) as Zone[]}
        onChange={(cover) => onChange({ cover })}
        height={230}
      />
      <TagsInput
        label="Allergies"
        description="wool, nickel, latex …"
        value={answers.allergies ?? []}
        onChange={(allergies) => onChange({ allergies })}
      />
      <TagsInput
        label="Please never"
        description={spell('a colour, a cloth, a kind of thing')}
        value={answers.nevers ?? []}
        onChange={(nevers) => onChange({ nevers })}
      />
      <ColourPicks
        label={spell('Colours you love')}
        hexes={answers.like ?? []}
        onChange={(like) => onChange({ like })}
      />
      <ColourPicks
        label={spell('Colours to leave out')}
        hexes={answers.avoid ?? []}
        onChange={(avoid) => onChange({ avoid })}
      />
    </section>
  );
}

function Occasions({ answers, onChange }: PartProps) {
  const [title, setTitle] = useState('');
  const [day, setDay] = useState('');
  const occasions = answers.occasions ?? [];
  const past = day !== '' && day < todayHere();
  const add = (): void => {
    if (title.trim() === '' || past) return;
    onChange({ occasions: [...occasions, { title: title.trim(), ...(day ? { day } : {}) }] });
    setTitle('');
    setDay('');
  };
  return (
    <section>
      <h2>Is something coming up?</h2>
      {occasions.length > 0 && (
        <ul className="rows">
          {occasions.map((each, i) => (
            <li key={i} className="own-line">
              <span>
                {each.title} <span className="soft">{each.day}</span>
              </span>
              <button
                className="plain-button"
                aria-label={`Remove ${each.title}`}
                onClick={() => onChange({ occasions: occasions.filter((_, at) => at !== i) })}
              >
                remove
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="own-pair">
        <TextInput
          label="What"
          placeholder="my sister's wedding"
          value={title}
          onChange={(event) => setTitle(event.currentTarget.value)}
          onKeyDown={(event) => event.key === 'Enter' && add()}
        />
        <TextInput
          label="When"
          type="date"
          value={day}
          error={past ? 'this day is past' : undefined}
          onChange={(event) => setDay(event.currentTarget.value)}
        />
      </div>
      <Button variant="default" onClick={add} disabled={title.trim() === '' || past}>
        Add it
      </Button>
    </section>
  );
}

function Budget({ answers, onChange, currency }: PartProps & { readonly currency: string }) {
  const [text, setText] = useState(
    answers.budgetMinor === undefined ? '' : amountText(answers.budgetMinor, currency),
  );
  const minor = parseMoney(text, currency);
  return (
    <TextInput
      label={`About how much for all of it in ${currency}`}
      inputMode="decimal"
      value={text}
      error={text.trim() !== '' && (minor === undefined || minor < 0) ? 'not an amount' : undefined}
      onChange={(event) => {
        setText(event.currentTarget.value);
        onChange({ budgetMinor: parseMoney(event.currentTarget.value, currency) });
      }}
    />
  );
}

function Measures({ answers, onChange }: PartProps) {
  const { units } = useTongue();
  const [picked, setPicked] = useState<LengthUnit>();
  const unit = picked ?? units;
  // As typed; what was answered before stands in the unit of the page until somebody types.
  const [typed, setTyped] = useState<{ readonly height?: string; readonly heel?: string }>({});
  const textOf = (mm: number | undefined): string => (mm === undefined ? '' : lengthText(mm, unit));
  const height = typed.height ?? textOf(answers.heightMm);
  const heel = typed.heel ?? textOf(answers.heelMaxMm);
  const doubt = heightDoubtIn(height, unit);
  const sizes = answers.sizes ?? {};
  return (
    <section>
      <h2>Your sizes, as you buy them</h2>
      <div className="own-pair">
        {SIZES.map((kind) => (
          <TextInput
            key={kind}
            label={kind[0]?.toUpperCase() + kind.slice(1)}
            value={sizes[kind] ?? ''}
            onChange={(event) => {
              const { [kind]: _before, ...rest } = sizes;
              const value = event.currentTarget.value.trim();
              onChange({ sizes: value ? { ...rest, [kind]: value } : rest });
            }}
          />
        ))}
      </div>
      <div className="own-pair">
        <LengthField
          label={`How tall in ${unit}`}
          unit={unit}
          isHeight
          value={height}
          error={doubt}
          onChange={(text) => {
            setTyped((now) => ({ ...now, height: text }));
            onChange({
              heightMm: heightDoubtIn(text, unit) ? undefined : readLength(text, { unit, isHeight: true }),
            });
          }}
        />
        <SegmentedControl
          aria-label="Unit of these lengths"
          data={['cm', 'in']}
          value={unit}
          onChange={(value) => {
            setPicked(value as LengthUnit);
            setTyped({});
          }}
        />
      </div>
      <LengthField
        label={`Highest heel you walk in, ${unit}`}
        unit={unit}
        value={heel}
        onChange={(text) => {
          setTyped((now) => ({ ...now, heel: text }));
          onChange({ heelMaxMm: readLength(text, { unit }) });
        }}
      />
    </section>
  );
}

function Photos({ token, already }: { readonly token: string; readonly already: number }) {
  const [count, setCount] = useState(already);
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const send = async (files: FileList | null): Promise<void> => {
    setBusy(true);
    setSaid('');
    for (const file of files ?? []) {
      const fault = photoFault(file);
      const refused = fault
        ? fault
        : await post(token, { photoBase64: await base64Of(file), caption: file.name }).then(
            (problem) =>
              problem &&
              `${file.name}: ${problem.faults.map(({ message }) => message).join(', ') || problem.title}`,
          );
      if (refused) setSaid(refused);
      else setCount((now) => now + 1);
    }
    setBusy(false);
  };
  return (
    <section>
      <h2>Show us what you own</h2>
      <p className="small soft">A photo of a few things you wear most, one a photo, laid flat if you can.</p>
      <label className="own-photo">
        <input
          type="file"
          accept="image/jpeg,image/png,image/webp"
          multiple
          disabled={busy}
          onChange={(event) => void send(event.currentTarget.files)}
        />
        <span>{busy ? 'Sending…' : 'Choose photos'}</span>
      </label>
      {count > 0 && (
        <p className="small" role="status">
          {count} {count === 1 ? 'photo' : 'photos'} with us.
        </p>
      )}
      {said && (
        <p role="alert" className="tone tone-blocks">
          {said}
        </p>
      )}
    </section>
  );
}
