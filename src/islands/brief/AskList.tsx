import { colourNames } from '@core/colour';
import { money } from '@core/money';
import { CATEGORIES, type Category } from '@core/piece';
import { type Ask, askParts, type CarriedAsk, careWords, type CareWord, readAsk } from '@core/reading';
import { lengthIn, spelt, type Tongue } from '@core/words';
import { NativeSelect, TextInput } from '@mantine/core';
import IconX from '@tabler/icons-react/icons/IconX';
import { kindCalled } from '@ui/called';

interface Props {
  readonly asks: readonly Ask[];
  readonly carried: readonly CarriedAsk[];
  readonly currency: string;
  readonly tongue: Tongue;
  readonly onChange: (asks: readonly Ask[]) => void;
}

export const EMPTY_ASK: Ask = { text: '', kinds: [], unknown: [] };
const CARES: readonly CareWord[] = ['machine', 'waterproof', 'noIron'];

/** Asks in the client's words; what was read from them stands below, what was not as well, and all may be changed. */
export function AskList({ asks, carried, currency, tongue, onChange }: Props) {
  const set = (i: number, ask: Ask): void => onChange(asks.map((each, at) => (at === i ? ask : each)));
  const focus = (i: number): void => {
    setTimeout(() => document.querySelector<HTMLInputElement>(`[aria-label="Ask ${i + 1}"]`)?.focus());
  };
  return (
    <div className="asks">
      {asks.map((ask, i) => {
        const carry = carried.find((each) => each.ask.text === ask.text.trim());
        return (
          <div key={i}>
            <TextInput
              aria-label={`Ask ${i + 1}`}
              placeholder={
                i === 0
                  ? `boots to wear with my jeans, no heel over ${lengthIn(40, tongue)}`
                  : 'something green, but not lime'
              }
              value={ask.text}
              onChange={(event) => set(i, readAsk(event.currentTarget.value, tongue.english))}
              onKeyDown={(event) => {
                if (event.key !== 'Enter') return;
                event.preventDefault();
                onChange([...asks.slice(0, i + 1), EMPTY_ASK, ...asks.slice(i + 1)]);
                focus(i + 1);
              }}
              rightSection={
                asks.length > 1 ? (
                  <button
                    type="button"
                    className="plain-button"
                    aria-label={`Remove ask ${i + 1}`}
                    onClick={() => onChange(asks.filter((_, at) => at !== i))}
                  >
                    <IconX size={14} aria-hidden />
                  </button>
                ) : undefined
              }
            />
            {ask.text.trim() !== '' && (
              <AskParts
                ask={ask}
                onChange={(changed) => set(i, changed)}
                carry={carry}
                currency={currency}
                tongue={tongue}
              />
            )}
          </div>
        );
      })}
    </div>
  );
}

interface PartsProps {
  readonly ask: Ask;
  readonly carry: CarriedAsk | undefined;
  readonly currency: string;
  readonly tongue: Tongue;
  readonly onChange: (ask: Ask) => void;
}

function AskParts({ ask, carry, currency, tongue, onChange }: PartsProps) {
  const parts = askParts(ask, tongue, (minor) => money(minor, currency));
  return (
    <div className="ask-read small">
      {ask.kinds.length === 0 && <span className="soft">any kind</span>}
      {parts.map(({ words, isNot, without }) => (
        <button
          key={`${isNot ? 'not ' : ''}${words}`}
          type="button"
          className={isNot ? 'chip chip-off chip-not' : 'chip chip-off'}
          aria-label={`Take away: ${isNot ? 'not ' : ''}${words}`}
          title={`Take away: ${isNot ? 'not ' : ''}${words}`}
          onClick={() => onChange(without)}
        >
          {isNot ? <span className="soft">not </span> : null}
          {words} <IconX size={10} aria-hidden />
        </button>
      ))}
      {ask.notes && <span className="soft">noted: {ask.notes}</span>}
      {ask.unknown.length > 0 && (
        <span className="tone tone-note">not understood: {ask.unknown.join(', ')}</span>
      )}
      <AddPart ask={ask} tongue={tongue} onChange={onChange} />
      {carry?.fromMinor !== undefined && (
        <span className={carry.carried ? 'soft' : 'tone tone-fights'}>
          {carry.carried
            ? `from ${money(carry.fromMinor, currency)}`
            : `the budget does not reach it: from ${money(carry.fromMinor, currency)}`}
        </span>
      )}
      {carry && carry.fromMinor === undefined && (
        <span className="tone tone-note">nothing in stock answers it</span>
      )}
    </div>
  );
}

function AddPart({ ask, tongue, onChange }: Pick<PartsProps, 'ask' | 'tongue' | 'onChange'>) {
  return (
    <NativeSelect
      size="xs"
      variant="unstyled"
      className="ask-more"
      aria-label={`Add to ${ask.text}`}
      value=""
      data={[
        { value: '', label: 'add…' },
        ...CARES.filter((care) => !ask.care?.includes(care)).map((care) => ({
          value: `care:${care}`,
          label: careWords(care),
        })),
        ...CATEGORIES.filter((category) => !ask.kinds.includes(category)).map((category) => ({
          value: `kind:${category}`,
          label: kindCalled(category).toLowerCase(),
        })),
        ...colourNames.map(({ name }) => ({ value: `colour:${name}`, label: `in ${spelt(name, tongue)}` })),
      ]}
      onChange={(event) => {
        const [what, value = ''] = event.currentTarget.value.split(':');
        const colour = colourNames.find(({ name }) => name === value);
        if (what === 'kind') onChange({ ...ask, kinds: [...ask.kinds, value as Category] });
        if (what === 'colour' && colour) onChange({ ...ask, colours: [...(ask.colours ?? []), colour] });
        if (what === 'care') onChange({ ...ask, care: [...(ask.care ?? []), value as CareWord] });
      }}
    />
  );
}
