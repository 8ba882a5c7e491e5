import type { OccasionView } from '@contracts/occasion/occasion-view';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { memo } from 'react';
import { useStore } from 'zustand';
import type { LookStore } from './store';
import type { Saved } from './useSaving';

interface LookFormProps {
  readonly store: LookStore;
  readonly occasions: readonly OccasionView[];
  /** False once the box has left. */
  readonly open: boolean;
  readonly saved: Saved;
  readonly onSave: () => void;
  /** Address of the sheet of everything with everything. */
  readonly mixAt: string;
  /** Asks for ways to wear a piece. */
  readonly onWays: () => void;
  /** Asks how the look goes on to another occasion. */
  readonly onTurn: () => void;
}

const SAID: Readonly<Record<Saved, string>> = {
  new: 'Not saved yet.',
  saved: 'Saved. Changes save themselves.',
  changed: 'Changed; it saves itself in a moment.',
  saving: 'Saving…',
  offline: 'No connection. It is kept here, and saved when there is one again.',
  refused: 'Not saved. Change it, or press Save now.',
};

/** Occasion and name of the look, save, undo and redo. It hears only of what it shows. */
export const LookForm = memo(function LookForm({
  store,
  occasions,
  open,
  saved,
  onSave,
  mixAt,
  onWays,
  onTurn,
}: LookFormProps) {
  const occasionId = useStore(store, (look) => look.occasionId);
  const title = useStore(store, (look) => look.title);
  const empty = useStore(store, (look) => look.worn.length === 0);
  const canUndo = useStore(store.temporal, (history) => history.pastStates.length > 0);
  const canRedo = useStore(store.temporal, (history) => history.futureStates.length > 0);
  const { patch } = store.getState();
  return (
    <form
      className="look-save"
      onSubmit={(event) => {
        event.preventDefault();
        onSave();
      }}
    >
      <NativeSelect
        aria-label="Occasion"
        size="xs"
        value={occasionId ?? ''}
        onChange={(event) => patch({ occasionId: event.currentTarget.value || null })}
        data={[
          { value: '', label: 'No occasion' },
          ...occasions.map(({ id, occasion }) => ({ value: id, label: occasion.title })),
        ]}
      />
      <TextInput
        aria-label="Name of the look"
        size="xs"
        placeholder="Name of the look"
        value={title}
        onChange={(event) => patch({ title: event.currentTarget.value })}
      />
      <Button
        type="submit"
        size="xs"
        disabled={!open || empty}
        loading={saved === 'saving'}
        variant={saved === 'saved' ? 'default' : 'filled'}
        title="Save the look (Ctrl S)"
      >
        {saved === 'new' ? 'Save look' : 'Save now'}
      </Button>
      <Button
        size="xs"
        variant="default"
        disabled={!canUndo}
        onClick={() => store.temporal.getState().undo()}
        title="Undo (Ctrl Z)"
      >
        Undo
      </Button>
      <Button
        size="xs"
        variant="default"
        disabled={!canRedo}
        onClick={() => store.temporal.getState().redo()}
        title="Redo (Ctrl Y)"
      >
        Redo
      </Button>
      <Button size="xs" variant="light" className="look-ways" onClick={onWays} title="Press w">
        Ways to wear a piece…
      </Button>
      <Button size="xs" variant="light" className="look-turn" onClick={onTurn} title="Press e">
        Into another occasion…
      </Button>
      <Button component="a" href={mixAt} size="xs" variant="subtle" title="Everything with everything">
        Mix sheet
      </Button>
      {open && (
        <p className="small soft look-saved" role="status">
          {SAID[saved]}
        </p>
      )}
    </form>
  );
});
