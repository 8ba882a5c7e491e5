import { type Ask, type CarriedAsk, readAsk } from '@core/box';
import { colourName, colourNames } from '@core/colour';
import { money } from '@core/money';
import { CATEGORIES, CATEGORY, type Category } from '@core/piece';
import { NativeSelect, TextInput } from '@mantine/core';
import { IconX } from '@tabler/icons-react';

interface Props {
  readonly asks: readonly Ask[];
  readonly carried: readonly CarriedAsk[];
  readonly currency: string;
  readonly onChange: (asks: readonly Ask[]) => void;
}

export const EMPTY_ASK: Ask = { text: '', categories: [] };
const FLAGS = [
  ['washable', 'machine wash'],
  ['waterproof', 'may get wet'],
  ['noIron', 'no ironing'],
] as const;

/** Asks in the client's words; what was read from them stands below and may be changed. */
export function AskList({ asks, carried, currency, onChange }: Props) {
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
              placeholder={i === 0 ? 'boots that may get wet' : 'something green'}
              value={ask.text}
              onChange={(event) => set(i, readAsk(event.currentTarget.value))}
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
              <AskParts ask={ask} onChange={(changed) => set(i, changed)} carry={carry} currency={currency} />
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
  readonly onChange: (ask: Ask) => void;
}

function AskParts({ ask, carry, currency, onChange }: PartsProps) {
  const off = (what: string, ask_: Ask) => (
    <button
      key={what}
      type="button"
      className="chip chip-off"
      aria-label={`Not ${what}`}
      title={`Leave out: ${what}`}
      onClick={() => onChange(ask_)}
    >
      {what} <IconX size={10} aria-hidden />
    </button>
  );
  return (
    <div className="ask-read small">
      {ask.categories.map((category) =>
        off(CATEGORY[category].label.toLowerCase(), {
          ...ask,
          categories: ask.categories.filter((each) => each !== category),
        }),
      )}
      {ask.categories.length === 0 && <span className="soft">any kind</span>}
      {ask.colourHex && off(colourName(ask.colourHex), { ...ask, colourHex: undefined })}
      {FLAGS.map(([flag, words]) => ask[flag] && off(words, { ...ask, [flag]: undefined }))}
      {ask.mostMinor !== undefined &&
        off(`up to ${money(ask.mostMinor, currency)}`, { ...ask, mostMinor: undefined })}
      <NativeSelect
        size="xs"
        variant="unstyled"
        className="ask-more"
        aria-label={`Add to ${ask.text}`}
        value=""
        data={[
          { value: '', label: 'add…' },
          ...FLAGS.filter(([flag]) => !ask[flag]).map(([flag, label]) => ({ value: `flag:${flag}`, label })),
          ...CATEGORIES.filter((category) => !ask.categories.includes(category)).map((category) => ({
            value: `kind:${category}`,
            label: CATEGORY[category].label.toLowerCase(),
          })),
          ...colourNames.map(({ name, hex }) => ({ value: `hex:${hex}`, label: `in ${name}` })),
        ]}
        onChange={(event) => {
          const [what, value = ''] = event.currentTarget.value.split(':');
          if (what === 'kind') onChange({ ...ask, categories: [...ask.categories, value as Category] });
          if (what === 'hex') onChange({ ...ask, colourHex: value });
          if (what === 'flag') onChange({ ...ask, [value]: true });
        }}
      />
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
