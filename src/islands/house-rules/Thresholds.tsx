import type { Rule, Tuning } from '@core/rules';
import { NumberInput } from '@mantine/core';
import { spell } from '@ui/tongue';
import './thresholds.css';

interface Props {
  readonly of: Pick<Rule, 'thresholds'>;
  readonly tuning: Tuning | undefined;
  readonly mayTune: boolean;
  readonly onChange: (part: Tuning) => void;
}

/** The thresholds of a rule within their bounds; one that is back at the rule's own value is left out. */
export function Thresholds({ of, tuning, mayTune, onChange }: Props) {
  const thresholds = Object.entries(of.thresholds);
  if (thresholds.length === 0) return null;
  return (
    <div className="rule-thresholds">
      {thresholds.map(([name, { value, unit, says, min, max }]) => (
        <NumberInput
          key={name}
          size="xs"
          label={spell(says)}
          suffix={unit ? ` ${unit}` : ''}
          min={min}
          max={max}
          step={(max - min) / 50}
          disabled={!mayTune || tuning?.off === true}
          value={tuning?.thresholds?.[name] ?? value}
          onChange={(next) => {
            const { [name]: _before, ...rest } = tuning?.thresholds ?? {};
            const own = typeof next === 'number' && next !== value ? { ...rest, [name]: next } : rest;
            onChange({ thresholds: own });
          }}
        />
      ))}
    </div>
  );
}
