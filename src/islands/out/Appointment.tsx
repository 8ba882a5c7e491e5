import { Button, TextInput } from '@mantine/core';
import { dayWords } from '@ui/days';
import { useState } from 'react';

interface Props {
  /** By the shop's clock, as `2026-12-05T14:00`; absent: it is sent. */
  readonly at: string | undefined;
  readonly busy: boolean;
  readonly onSave: (at: string | null) => void;
}

/** A client comes to the shop for a box, instead of a parcel. */
export function Appointment({ at, busy, onSave }: Props) {
  const [asking, setAsking] = useState(false);
  const [day, setDay] = useState('');
  if (at) {
    const [date = '', time = ''] = at.split('T');
    return (
      <p>
        <strong>
          {dayWords(date)}, {time}
        </strong>{' '}
        in the shop.{' '}
        <button className="plain-button small" disabled={busy} onClick={() => onSave(null)}>
          send it after all
        </button>
      </p>
    );
  }
  if (!asking)
    return (
      <button className="plain-button small" style={{ justifySelf: 'start' }} onClick={() => setAsking(true)}>
        they come to the shop for it
      </button>
    );
  return (
    <form
      className="out-send"
      onSubmit={(event) => {
        event.preventDefault();
        if (day) onSave(day.slice(0, 16));
      }}
    >
      <TextInput
        type="datetime-local"
        label="When they come"
        value={day}
        onChange={(event) => setDay(event.currentTarget.value)}
        data-autofocus
      />
      <Button type="submit" variant="default" disabled={day === ''} loading={busy}>
        Note the appointment
      </Button>
    </form>
  );
}
