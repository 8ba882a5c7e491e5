import { type ReturnReason, RETURN_REASONS } from '@core/box';
import { FIT_POINTS, type FitPoint } from '@core/fit';
import { saysSize } from '@core/learn';
import { NativeSelect, TextInput } from '@mantine/core';

/** Why a piece comes back. */
export interface Why {
  readonly reason: ReturnReason | null;
  /** Where it was too small or too big. */
  readonly fitPoint: FitPoint | null;
  /** In the client's words. */
  readonly note: string;
}

interface Props {
  readonly title: string;
  readonly why: Why;
  readonly disabled?: boolean;
  readonly onChange: (why: Why) => void;
  /** When the words are written to their end. */
  readonly onWritten?: () => void;
}

/** Why a piece came back, in three fields of which none has to be filled. */
export function Reason({ title, why, disabled = false, onChange, onWritten }: Props) {
  return (
    <>
      <NativeSelect
        size="xs"
        aria-label={`Why ${title} came back`}
        data={[{ value: '', label: 'reason not said' }, ...RETURN_REASONS]}
        value={why.reason ?? ''}
        disabled={disabled}
        onChange={(event) =>
          onChange({ ...why, reason: (event.currentTarget.value || null) as ReturnReason | null })
        }
      />
      {why.reason && saysSize(why.reason) && (
        <NativeSelect
          size="xs"
          aria-label={`Where ${title} was ${why.reason}`}
          data={[{ value: '', label: 'where?' }, ...FIT_POINTS]}
          value={why.fitPoint ?? ''}
          disabled={disabled}
          onChange={(event) =>
            onChange({ ...why, fitPoint: (event.currentTarget.value || null) as FitPoint | null })
          }
        />
      )}
      <TextInput
        size="xs"
        aria-label={`Note on ${title}`}
        placeholder="in the client’s words"
        value={why.note}
        disabled={disabled}
        onChange={(event) => onChange({ ...why, note: event.currentTarget.value })}
        onBlur={() => onWritten?.()}
      />
    </>
  );
}
