import type { BoxView, LineView } from '@contracts/box/box-view';
import type { LineSwaps, SwapView } from '@contracts/pull/line-swaps';
import {
  ALTERATION_USUAL,
  ALTERATION_WORDS,
  type AlterationJob,
  type FitEffect,
  isOneSize,
  alterationFault,
  fitWords,
  alterationWords,
  jobsFor,
  suggestedAlterations,
} from '@core/fit';
import { bodyOf } from '@core/figure';
import { money } from '@core/money';
import { objectionWords } from '@core/pull';
import { lengthText, notALength, readLength } from '@core/reading';
import type { Tongue } from '@core/words';
import { Button, Checkbox, Modal, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { amountIn, amountOf } from '@ui/amounts';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { useAsked } from '@ui/useAsked';
import type { BoxState } from '@ui/useBox';
import { spell } from '@ui/tongue';
import { useState } from 'react';

interface Props {
  readonly line: LineView | undefined;
  readonly box: BoxState;
  readonly onClose: () => void;
}

/** What each part of the sheet is about. */
interface PartProps {
  readonly line: LineView;
  readonly box: BoxState;
}

/** One line of the box: what could take its place, and what a tailor is to do to it. */
export function LineSheet({ line, box, onClose }: Props) {
  return (
    <Modal opened={line !== undefined} onClose={onClose} title={line?.piece.title ?? ''} size={860}>
      {line && (
        <div className="line-sheet">
          <Alternatives line={line} box={box} onDone={onClose} />
          <Sitting line={line} box={box} onDone={onClose} />
          <Nudge line={line} box={box} />
          <Alterations line={line} box={box} />
        </div>
      )}
    </Modal>
  );
}

/** One line of a box may be the braver choice: nobody remarks on it, and the letter says how to calm it. */
function Nudge({ line, box: { view, busy, run } }: PartProps) {
  const isNudge = line.piece.nudge === true;
  const other = view.lines.find(({ id, piece }) => id !== line.id && piece.nudge);
  return (
    <section aria-label="The braver choice">
      <Checkbox
        label="The braver choice of this box"
        description={
          isNudge
            ? 'It’s bold on purpose, so no note says so. The letter gives a calmer way to wear it.'
            : other
              ? `At the moment it’s ${other.piece.title}. A box has one.`
              : 'One piece a little bolder than usual, on purpose.'
        }
        checked={isNudge}
        disabled={busy !== undefined}
        onChange={(event) =>
          void run(
            'mark-nudge',
            { boxId: view.id, lineId: line.id, nudge: event.currentTarget.checked },
            event.currentTarget.checked ? 'Marked as the braver choice.' : 'No longer the braver choice.',
          )
        }
      />
    </section>
  );
}

const SITS: readonly { readonly effect: FitEffect; readonly label: string }[] = [
  { effect: 'closer', label: 'Closer' },
  { effect: 'as cut', label: 'As cut' },
  { effect: 'looser', label: 'Looser' },
];

/** How a piece is to sit: a size closer or looser on purpose, where one is on the shelf and may be worn. */
function Sitting({ line, box: { view, busy, run }, onDone }: PartProps & { readonly onDone: () => void }) {
  const effects = useSwaps(view, line.id)?.effects;
  if (!effects || isOneSize(line.size)) return null;
  const { sizes, isTied } = effects;
  const choose = async (effect: FitEffect): Promise<void> => {
    const swap = sizes[effect];
    if (!swap) return;
    const by = { variantId: swap.variantId, ...(effect === 'as cut' ? {} : { effect }) };
    if (await run('swap-line', { boxId: view.id, lineId: line.id, ...by }, `Size ${swap.size}, ${effect}.`))
      onDone();
  };
  return (
    <section aria-label="How it is to sit">
      <h3>How it is to sit</h3>
      {isTied ? (
        <p className="small soft">It is tied or wrapped: only its true size ties well.</p>
      ) : (
        <ul className="rows line-sits">
          {SITS.map(({ effect, label }) => {
            const swap = sizes[effect];
            const isHeld = swap?.variantId === line.variantId;
            // A size that is held may be there by chance, or be meant.
            const isMeant = isHeld && (line.fit?.effect ?? 'as cut') === effect;
            const press = isHeld ? 'It is meant so' : `Take size ${swap?.size ?? ''}`;
            return (
              <li key={effect}>
                <div>
                  <b>
                    {label}
                    {swap && `: ${swap.size}`}
                  </b>
                  {isMeant && <span className="small soft"> (chosen)</span>}
                  <div className="small soft">
                    {swap
                      ? fitWords(swap.fit, view.shop.tongue)
                      : 'No such size is on the shelf that may be worn.'}
                  </div>
                </div>
                {swap && !isMeant && (
                  <Button
                    size="xs"
                    variant="default"
                    loading={busy === 'swap-line'}
                    aria-label={`${press}: ${label.toLowerCase()}`}
                    onClick={() => void choose(effect)}
                  >
                    {press}
                  </Button>
                )}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}

/** What could take the place of a line, asked of the server when it is opened. */
function useSwaps(view: BoxView, lineId: string): LineSwaps | undefined {
  const { answer } = useAsked('line-swaps', { boxId: view.id, lineId });
  return answer?.lines.find((each) => each.lineId === lineId);
}

function Alternatives({
  line,
  box: { view, busy, run },
  onDone,
}: PartProps & { readonly onDone: () => void }) {
  const swaps = useSwaps(view, line.id);
  const swap = async (
    by: { readonly variantId: string; readonly locationId?: string },
    done: string,
  ): Promise<void> => {
    if (await run('swap-line', { boxId: view.id, lineId: line.id, ...by }, done)) onDone();
  };
  if (!swaps)
    return (
      <section aria-label="In its place">
        <h3>In its place</h3>
        <p role="status" className="small soft">
          Looking on the shelves…
        </p>
      </section>
    );
  const { cheaper, safer, colours, places } = swaps;
  const nothing = !cheaper && !safer && colours.length === 0 && places.length === 0;
  const offer = (title: string, view_: SwapView, why?: string) => (
    <Offer
      key={title + view_.variantId}
      title={title}
      why={why}
      swap={view_}
      than={line.priceMinor}
      currency={view.shop.currency}
      tongue={view.shop.tongue}
      busy={busy === 'swap-line'}
      onTake={() => void swap({ variantId: view_.variantId }, `${view_.piece.title} takes its place.`)}
    />
  );
  return (
    <section aria-label="In its place">
      <h3>In its place</h3>
      {nothing && (
        <p className="small soft">
          {spell('Nothing cheaper, safer or in another colour is on the shelf in this size.')}
        </p>
      )}
      <ul className="rows">
        {cheaper && offer('Nearly the same for less', cheaper)}
        {safer && offer('Safer', safer, `It may be ${objectionWords(safer.objection, view.shop.tongue)}.`)}
        {colours.map((each) => offer(spell('In another colour'), each))}
      </ul>
      {places.length > 0 && (
        <p className="small">
          It is held at {line.location}. The same size stands at{' '}
          {places.map(({ locationId, title, free }) => (
            <button
              key={locationId}
              className="plain-button"
              onClick={() =>
                void swap({ variantId: line.variantId, locationId }, `It is held at ${title} now.`)
              }
            >
              {title} ({free})
            </button>
          ))}
        </p>
      )}
    </section>
  );
}

interface OfferProps {
  readonly title: string;
  readonly why: string | undefined;
  readonly swap: SwapView;
  /** Price of what it would replace. */
  readonly than: number;
  readonly currency: string;
  readonly tongue: Tongue;
  readonly busy: boolean;
  readonly onTake: () => void;
}

function Offer({ title, why, swap, than, currency, tongue, busy, onTake }: OfferProps) {
  const priceMinor = swap.piece.priceMinor ?? 0;
  const less = than - priceMinor;
  return (
    <li className="line-offer">
      <span className="paper-sketch paper-sketch-small">
        <GarmentSketch piece={swap.piece} fit={50} decorative />
      </span>
      <div>
        <div className="small soft">{title}</div>
        {swap.piece.title}, {swap.size}
        <div className="small soft">{why ?? fitWords(swap.fit, tongue)}</div>
      </div>
      <div style={{ textAlign: 'right' }}>
        <Money minor={priceMinor} currency={currency} />
        {less !== 0 && (
          <div className="small soft">
            {less > 0 ? `${money(less, currency)} less` : `${money(-less, currency)} more`}
          </div>
        )}
      </div>
      <Button
        size="xs"
        variant="default"
        loading={busy}
        onClick={onTake}
        aria-label={`Take it: ${swap.piece.title}`}
      >
        Take it
      </Button>
    </li>
  );
}

function Alterations({ line, box: { view, busy, run } }: PartProps) {
  const jobs = jobsFor(line.piece);
  const [job, setJob] = useState<AlterationJob>(jobs[0] ?? 'take-in');
  const { units } = view.shop.tongue;
  const [length, setLength] = useState('');
  const [price, setPrice] = useState(amountIn(ALTERATION_USUAL[job].priceMinor));
  const [days, setDays] = useState<number | string>(ALTERATION_USUAL[job].leadDays);
  const { currency } = view.shop;
  const choose = (next: AlterationJob, mm?: number): void => {
    setJob(next);
    setPrice(amountIn(ALTERATION_USUAL[next].priceMinor));
    setDays(ALTERATION_USUAL[next].leadDays);
    if (mm !== undefined) setLength(lengthText(mm, units));
  };
  // Below nothing lets it down.
  const isDown = /^[-−]/.test(length.trim());
  const read = readLength(length.trim().replace(/^[-−]\s*/, ''), { unit: units });
  const mm = (read ?? 0) * (isDown ? -1 : 1);
  const priceMinor = amountOf(price);
  const fault = read !== undefined ? alterationFault(line.piece, { job, mm }, view.shop.tongue) : undefined;
  const ready = read !== undefined && !fault && priceMinor !== undefined && typeof days === 'number';
  const suggested = suggestedAlterations(line.piece, bodyOf(view.client.profile.measures)).filter(
    (each) => !line.alterations.some((done) => done.job === each.job),
  );
  return (
    <section aria-label="Alterations">
      <h3>Altered</h3>
      {line.alterations.length === 0 && <p className="small soft">As it comes from the rail.</p>}
      <ul className="rows">
        {line.alterations.map((each) => (
          <li key={each.id} className="line-job">
            <span>
              {alterationWords(each, view.shop.tongue)}{' '}
              <span className="small soft">
                {each.leadDays} {each.leadDays === 1 ? 'day' : 'days'}
              </span>
            </span>
            <Money minor={each.priceMinor} currency={currency} />
            <button
              className="plain-button"
              aria-label={`Leave it: no ${ALTERATION_WORDS[each.job]} for ${line.piece.title}`}
              onClick={() =>
                void run(
                  'remove-alteration',
                  { boxId: view.id, lineId: line.id, id: each.id },
                  'Left as it is.',
                )
              }
            >
              leave it
            </button>
          </li>
        ))}
      </ul>
      {line.alterations.length > 0 && (
        <p className="small soft">
          {line.mayReturn
            ? 'It may come back all the same; the shop allows it.'
            : 'Once altered it stays with the client.'}
        </p>
      )}
      {jobs.length === 0 ? (
        <p className="small soft">A tailor has nothing to do here.</p>
      ) : (
        <form
          className="line-alter"
          onSubmit={(event) => {
            event.preventDefault();
            if (!ready) return;
            void run(
              'save-alteration',
              { boxId: view.id, lineId: line.id, job, mm, priceMinor, leadDays: days },
              `It will be altered: ${ALTERATION_WORDS[job]}.`,
            ).then((done) => done && setLength(''));
          }}
        >
          {suggested.map((each) => (
            <button key={each.job} type="button" className="chip" onClick={() => choose(each.job, each.mm)}>
              {alterationWords(each, view.shop.tongue)}?
            </button>
          ))}
          <NativeSelect
            size="xs"
            label="What"
            data={jobs.map((value) => ({ value, label: ALTERATION_WORDS[value] }))}
            value={job}
            onChange={(event) => choose(event.currentTarget.value as AlterationJob)}
          />
          <TextInput
            size="xs"
            label={`By, ${units}`}
            description={job === 'hem' ? 'below 0 lets it down' : undefined}
            inputWrapperOrder={['label', 'input', 'description', 'error']}
            value={length}
            onChange={(event) => setLength(event.currentTarget.value)}
            error={length.trim() !== '' && read === undefined ? notALength({ unit: units }) : fault}
          />
          <TextInput
            size="xs"
            label={`Price, ${currency}`}
            inputMode="decimal"
            value={price}
            onChange={(event) => setPrice(event.currentTarget.value)}
            error={priceMinor === undefined ? 'not an amount' : undefined}
          />
          <NumberInput
            size="xs"
            label="Days"
            min={0}
            max={60}
            allowDecimal={false}
            value={days}
            onChange={setDays}
          />
          <Button size="xs" type="submit" disabled={!ready} loading={busy === 'save-alteration'}>
            Have it altered
          </Button>
        </form>
      )}
    </section>
  );
}
