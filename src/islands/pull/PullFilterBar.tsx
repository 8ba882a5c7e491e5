import { CATEGORIES, type Category } from '@core/piece';

import { Checkbox, MultiSelect, TextInput } from '@mantine/core';
import type { RefObject } from 'react';
import type { PullFilter } from './usePullList';
import { amountOf } from '@ui/amounts';
import { kindCalled } from '@ui/called';

interface Props {
  readonly filter: PullFilter;
  readonly currency: string;
  readonly find: RefObject<HTMLInputElement | null>;
  readonly onNarrow: (part: Partial<PullFilter>) => void;
}

/** What narrows the candidates: a name, a price, kinds, and only what fits. */
export function PullFilterBar({ filter, currency, find, onNarrow }: Props) {
  return (
    <div className="pull-filter">
      <TextInput
        ref={find}
        aria-label="Find by name"
        placeholder="Find by name ( / )"
        value={filter.search}
        onChange={(event) => onNarrow({ search: event.currentTarget.value })}
      />
      <TextInput
        aria-label="At most"
        placeholder={`At most, ${currency}`}
        inputMode="decimal"
        w={120}
        value={filter.most}
        onChange={(event) => onNarrow({ most: event.currentTarget.value })}
        error={filter.most.trim() !== '' && amountOf(filter.most) === undefined ? 'not an amount' : undefined}
      />
      <MultiSelect
        aria-label="Kinds"
        placeholder={filter.categories.length === 0 ? 'Kinds as asked' : ''}
        clearable
        searchable
        data={CATEGORIES.map((value) => ({ value, label: kindCalled(value) }))}
        value={[...filter.categories]}
        onChange={(found) => onNarrow({ categories: found as Category[] })}
        style={{ flex: 1 }}
      />
      <Checkbox
        label="Only what fits"
        checked={filter.fitsOnly}
        onChange={(event) => onNarrow({ fitsOnly: event.currentTarget.checked })}
      />
    </div>
  );
}
