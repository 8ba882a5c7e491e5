import { Checkbox, MultiSelect, NumberInput } from '@mantine/core';
import { AROUND_MOST, type WaysAsked, WAYS_COUNT } from './useWaysAsked';

/** What each way holds, what none does, how many there are, and out of what. */
export function WaysAsk({ asked }: { readonly asked: WaysAsked }) {
  const { around, bans, choices } = asked;
  return (
    <div className="ways-ask">
      <MultiSelect
        label="Each way with"
        placeholder={around.length === 0 ? 'a piece' : ''}
        searchable
        data={choices.filter(({ value }) => !bans.includes(value))}
        value={around}
        maxValues={AROUND_MOST}
        onChange={asked.setAround}
      />
      <MultiSelect
        label="None with"
        placeholder={bans.length === 0 ? 'nothing left out' : ''}
        searchable
        data={choices.filter(({ value }) => !around.includes(value))}
        value={bans}
        onChange={asked.setBans}
      />
      <NumberInput
        label="How many"
        min={WAYS_COUNT.least}
        max={WAYS_COUNT.most}
        clampBehavior="strict"
        allowDecimal={false}
        value={asked.count}
        onChange={(value) => typeof value === 'number' && asked.setCount(value)}
      />
      <Checkbox
        label="From the shelf too"
        checked={asked.withShelf}
        onChange={(event) => asked.setWithShelf(event.currentTarget.checked)}
      />
    </div>
  );
}
