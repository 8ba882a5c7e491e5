import { sizePhrase } from '@core/fit';
import { colourNames } from '@core/colour';
import { money } from '@core/money';
import { CARES, PATTERN_KINDS, SEASONS, TEXTURES } from '@core/piece';
import { Button, NativeSelect, NumberInput, Popover, TextInput } from '@mantine/core';
import IconX from '@tabler/icons-react/icons/IconX';
import { useState } from 'react';
import type { StockAsk } from './useStock';
import { amountIn, amountOf } from '@ui/amounts';
import { spell } from '@ui/tongue';
import { colourCalled } from '@ui/called';

export type NarrowTo = NonNullable<StockAsk['narrow']>;

interface Props {
  readonly narrow: NarrowTo;
  readonly currency: string;
  readonly onChange: (narrow: NarrowTo) => void;
}

const SHELF = {
  some: 'something on the shelf',
  none: 'gone from the shelf',
  last: 'a size with its last one',
};
const PHOTO = { with: 'with a photo', without: 'without a photo' };
const MISSING = {
  any: 'something not said yet',
  cloth: 'cloth not said yet',
  measures: 'not measured yet',
};
const CARE_WORDS: Readonly<Record<(typeof CARES)[number], string>> = {
  machine: 'machine wash',
  hand: 'hand wash',
  'dry-clean': 'dry clean',
  spot: 'wipe clean',
  'do-not-wash': 'not washed',
};

/** Each thing the stockroom is narrowed to, in words; pressing it lets go of it. */
export function NarrowedTo({ narrow, currency, onChange }: Props) {
  const words: Readonly<Record<keyof NarrowTo, (value: never) => string>> = {
    label: (value: string) => `label ${value}`,
    priceFromMinor: (value: number) => `from ${money(value, currency)}`,
    priceToMinor: (value: number) => `up to ${money(value, currency)}`,
    formalityFrom: (value: number) => `formality from ${value}`,
    formalityTo: (value: number) => `formality up to ${value}`,
    colourHex: (value: string) => `near ${colourCalled(value)}`,
    season: (value: string) => value,
    care: (value: (typeof CARES)[number]) => CARE_WORDS[value],
    pattern: (value: string) => `pattern ${value}`,
    texture: (value: string) => `cloth ${value}`,
    size: sizePhrase,
    shelf: (value: keyof typeof SHELF) => SHELF[value],
    photo: (value: keyof typeof PHOTO) => PHOTO[value],
    missing: (value: keyof typeof MISSING) => MISSING[value],
  };
  const set = Object.entries(narrow).filter(([, value]) => value !== undefined) as [keyof NarrowTo, never][];
  if (set.length === 0) return null;
  return (
    <div className="narrowed" role="group" aria-label="Narrowed to">
      {set.map(([name, value]) => (
        <button
          key={name}
          className="chip"
          aria-label={`Not only ${words[name](value)}`}
          onClick={() => onChange({ ...narrow, [name]: undefined })}
        >
          {words[name](value)} <IconX size={11} aria-hidden />
        </button>
      ))}
      <button className="plain-button small" onClick={() => onChange({})}>
        all of it again
      </button>
    </div>
  );
}

/** Narrows the stockroom by anything that is known of a garment. */
export function Narrow({ narrow, currency, onChange }: Props) {
  const [opened, setOpened] = useState(false);
  const set = (part: Partial<NarrowTo>): void => onChange({ ...narrow, ...part });
  const choice = (
    label: string,
    name: 'season' | 'care' | 'pattern' | 'texture' | 'shelf' | 'photo' | 'missing' | 'colourHex',
    options: readonly { readonly value: string; readonly label: string }[],
  ) => (
    <NativeSelect
      size="xs"
      label={label}
      value={narrow[name] ?? ''}
      data={[{ value: '', label: 'any' }, ...options]}
      onChange={(event) => set({ [name]: event.currentTarget.value || undefined })}
    />
  );
  const plain = (values: readonly string[]) => values.map((value) => ({ value, label: value }));
  const worded = (words: Readonly<Record<string, string>>) =>
    Object.entries(words).map(([value, label]) => ({ value, label }));
  const amount = (label: string, name: 'priceFromMinor' | 'priceToMinor') => (
    <TextInput
      size="xs"
      label={`${label}, ${currency}`}
      inputMode="decimal"
      defaultValue={narrow[name] === undefined ? '' : amountIn(narrow[name])}
      onChange={(event) => {
        const { value } = event.currentTarget;
        const minor = value.trim() === '' ? undefined : amountOf(value);
        if (value.trim() === '' || (minor !== undefined && minor >= 0)) set({ [name]: minor });
      }}
    />
  );
  const degree = (label: string, name: 'formalityFrom' | 'formalityTo') => (
    <NumberInput
      size="xs"
      label={label}
      min={0}
      max={10}
      value={narrow[name] ?? ''}
      onChange={(value) => set({ [name]: typeof value === 'number' ? value : undefined })}
    />
  );
  const text = (label: string, name: 'label' | 'size') => (
    <TextInput
      size="xs"
      label={label}
      defaultValue={narrow[name] ?? ''}
      onChange={(event) => set({ [name]: event.currentTarget.value.trim() || undefined })}
    />
  );
  return (
    <Popover opened={opened} onChange={setOpened} position="bottom-end" trapFocus width={430}>
      <Popover.Target>
        <Button variant="default" onClick={() => setOpened(!opened)} aria-expanded={opened}>
          Narrow
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <div className="narrow">
          {choice('On the shelf', 'shelf', worded(SHELF))}
          {choice(
            spell('Colour near'),
            'colourHex',
            colourNames.map(({ name, hex }) => ({ value: hex, label: spell(name) })),
          )}
          {text('Label', 'label')}
          {text('In size', 'size')}
          {amount('Price from', 'priceFromMinor')}
          {amount('Price up to', 'priceToMinor')}
          {degree('Formality from', 'formalityFrom')}
          {degree('Formality up to', 'formalityTo')}
          {choice('Season', 'season', plain(SEASONS))}
          {choice('Care', 'care', worded(CARE_WORDS))}
          {choice('Pattern', 'pattern', plain(PATTERN_KINDS))}
          {choice('Cloth', 'texture', plain(TEXTURES))}
          {choice('Photo', 'photo', worded(PHOTO))}
          {choice('To complete', 'missing', worded(MISSING))}
        </div>
      </Popover.Dropdown>
    </Popover>
  );
}
