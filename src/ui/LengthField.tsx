import { type LengthAsk, lengthText, notALength, readLength } from '@core/reading';
import { TextInput, type TextInputProps } from '@mantine/core';

interface Props extends LengthAsk, Omit<TextInputProps, 'value' | 'onChange' | 'error'> {
  /** As typed: it stays as somebody wrote it. */
  readonly value?: string | undefined;
  readonly onChange: (text: string) => void;
  /** What else is wrong with it. */
  readonly error?: TextInputProps['error'];
}

/** A length as people write it, in any unit; what it was taken for stands beneath where it is not plain. */
export function LengthField({ value = '', onChange, error, unit, isHeight, description, ...rest }: Props) {
  const mm = readLength(value, { unit, isHeight });
  const isPlain = mm === undefined || value.trim().replace(',', '.') === lengthText(mm, unit);
  return (
    <TextInput
      {...rest}
      inputMode="text"
      autoComplete="off"
      value={value}
      onChange={(event) => onChange(event.currentTarget.value)}
      description={isPlain ? description : `${lengthText(mm, unit)} ${unit}`}
      error={error ?? (value.trim() !== '' && mm === undefined ? notALength({ unit, isHeight }) : undefined)}
      inputWrapperOrder={['label', 'input', 'description', 'error']}
    />
  );
}
