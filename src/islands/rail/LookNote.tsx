import { Textarea } from '@mantine/core';
import { memo } from 'react';
import { useStore } from 'zustand';
import type { LookStore } from './store';

/** What a stylist notes of a look for colleagues; it goes into no letter. */
export const LookNote = memo(function LookNote({
  store,
  open,
}: {
  readonly store: LookStore;
  readonly open: boolean;
}) {
  const note = useStore(store, (look) => look.note);
  if (!open && note === '') return null;
  return (
    <Textarea
      className="look-note"
      size="xs"
      label="Note for colleagues"
      description="The client does not see it."
      autosize
      minRows={1}
      maxRows={6}
      maxLength={2000}
      readOnly={!open}
      value={note}
      onChange={(event) => store.getState().patch({ note: event.currentTarget.value })}
    />
  );
});
