import type { Occasion } from '@core/occasion';
import { Button, Checkbox, NumberInput } from '@mantine/core';
import { toggled } from '@ui/choosing';
import { WarmthField } from '@ui/WarmthField';

/** What a journey is, and how much may go along. */
export interface Journey {
  /** Places of its kinds of days in the list of them. */
  readonly chosen: ReadonlySet<number>;
  readonly days: number;
  readonly most: number;
  /** Absent: no limit. */
  readonly kg?: number | undefined;
  /** Absent: as each day says. */
  readonly outdoorC?: number | undefined;
}

interface Props {
  readonly choices: readonly Occasion[];
  readonly asked: Journey;
  readonly busy: boolean;
  readonly disabled: boolean;
  readonly onAsk: (part: Partial<Journey>) => void;
  readonly onPack: () => void;
}

/** Asks what the days of a journey are, how many, and what may be carried. */
export function JourneyAsk({ choices, asked, busy, disabled, onAsk, onPack }: Props) {
  return (
    <form
      className="sheet journey-ask no-print"
      onSubmit={(event) => {
        event.preventDefault();
        onPack();
      }}
    >
      <fieldset>
        <legend>What the days are</legend>
        {choices.map(({ title }, at) => (
          <Checkbox
            key={title + at}
            size="xs"
            label={title}
            checked={asked.chosen.has(at)}
            onChange={() => onAsk({ chosen: toggled(asked.chosen, at) })}
          />
        ))}
      </fieldset>
      <NumberInput
        label="Days"
        min={1}
        max={120}
        allowDecimal={false}
        value={asked.days}
        onChange={(value) => typeof value === 'number' && onAsk({ days: value })}
      />
      <NumberInput
        label="Pieces at most"
        min={1}
        max={60}
        allowDecimal={false}
        value={asked.most}
        onChange={(value) => typeof value === 'number' && onAsk({ most: value })}
      />
      <NumberInput
        label="Kilograms at most"
        placeholder="no limit"
        min={0.5}
        max={60}
        value={asked.kg ?? ''}
        onChange={(value) => onAsk({ kg: typeof value === 'number' ? value : undefined })}
      />
      <WarmthField
        label="Outdoors"
        placeholder="as each day says"
        min={-40}
        max={50}
        value={asked.outdoorC ?? ''}
        onChange={(value) => onAsk({ outdoorC: typeof value === 'number' ? value : undefined })}
      />
      <Button type="submit" loading={busy} disabled={disabled}>
        Pack
      </Button>
    </form>
  );
}
