import { Textarea } from '@mantine/core';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (text: string) => void;
  /** Shown while the line is empty; never printed. */
  readonly placeholder?: string;
  readonly big?: boolean;
}

/** A line of the letter as it is printed, open to the pen. */
export function Lines({ label, value, onChange, placeholder, big }: Props) {
  return (
    <Textarea
      aria-label={label}
      variant="unstyled"
      autosize
      minRows={1}
      value={value}
      placeholder={placeholder}
      onChange={(event) => onChange(event.currentTarget.value)}
      className={value === '' ? 'no-print' : undefined}
      classNames={{ input: big ? 'letter-line letter-big' : 'letter-line' }}
    />
  );
}
