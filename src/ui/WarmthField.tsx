import { celsiusOf, degreeOf, degreesOf } from '@core/words';
import { NumberInput, type NumberInputProps } from '@mantine/core';
import { useTongue } from './tongue';

interface Props extends Omit<NumberInputProps, 'value' | 'onChange' | 'label' | 'min' | 'max'> {
  /** What it is the temperature of; the degree stands behind it. */
  readonly label: string;
  /** Degrees Celsius; empty for none. */
  readonly value?: number | string | undefined;
  readonly onChange?: (celsius: number | string) => void;
  /** Degrees Celsius. */
  readonly min?: number;
  readonly max?: number;
}

/** A temperature as its reader counts it, in whole degrees; kept in Celsius. */
export function WarmthField({ label, value = '', onChange, min, max, ...rest }: Props) {
  const tongue = useTongue();
  return (
    <NumberInput
      {...rest}
      label={`${label}, ${degreeOf(tongue)}`}
      hideControls
      allowDecimal={false}
      min={min === undefined ? undefined : degreesOf(min, tongue)}
      max={max === undefined ? undefined : degreesOf(max, tongue)}
      value={typeof value === 'number' ? degreesOf(value, tongue) : value}
      onChange={(typed) => onChange?.(typeof typed === 'number' ? celsiusOf(typed, tongue) : typed)}
    />
  );
}
