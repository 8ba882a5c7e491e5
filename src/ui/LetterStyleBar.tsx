import type { LetterStyle } from '@core/letter';
import { SegmentedControl } from '@mantine/core';
import type { ReactNode } from 'react';

const TONES = [
  { value: 'crisp', label: 'Crisp' },
  { value: 'warm', label: 'Warm' },
  { value: 'chatty', label: 'Chatty' },
] satisfies { value: LetterStyle['tone']; label: string }[];
const LENGTHS = [
  { value: 'short', label: 'Short' },
  { value: 'full', label: 'Full' },
] satisfies { value: LetterStyle['length']; label: string }[];
const PICTURES = [
  { value: 'figure', label: 'On the figure' },
  { value: 'flat', label: 'Laid flat' },
] satisfies { value: LetterStyle['pictures']; label: string }[];

interface Props {
  readonly style: LetterStyle;
  readonly disabled?: boolean;
  readonly onStyle: (style: LetterStyle) => void;
  readonly children?: ReactNode;
}

/** How a letter speaks, how much it says, and how it shows a look. */
export function LetterStyleBar({ style, disabled, onStyle, children }: Props) {
  return (
    <div className="letter-style">
      <SegmentedControl
        size="xs"
        aria-label="Tone"
        data={TONES}
        value={style.tone}
        disabled={disabled}
        onChange={(tone) => onStyle({ ...style, tone })}
      />
      <SegmentedControl
        size="xs"
        aria-label="Length"
        data={LENGTHS}
        value={style.length}
        disabled={disabled}
        onChange={(length) => onStyle({ ...style, length })}
      />
      <SegmentedControl
        size="xs"
        aria-label="Pictures"
        data={PICTURES}
        value={style.pictures}
        disabled={disabled}
        onChange={(pictures) => onStyle({ ...style, pictures })}
      />
      {children}
    </div>
  );
}
