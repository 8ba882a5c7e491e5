import type { OccasionView } from '@contracts/occasion/occasion-view';
import { Button } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useFollowing } from '@ui/useFollowing';
import { useState } from 'react';
import { OccasionForm } from '../occasion/OccasionForm';

interface Props {
  readonly clientId: string;
  readonly occasions: readonly OccasionView[];
  readonly onChanged: () => void;
}

/** Where the client is going. */
export function OccasionsPanel({ clientId, occasions, onChanged }: Props) {
  const [editing, setEditing] = useState<OccasionView | 'new'>();
  const [all, setAll] = useFollowing(occasions);
  const remove = async ({ id }: OccasionView): Promise<void> => {
    try {
      await call('remove-occasion', { clientId, id });
      setAll((now) => now.filter((each) => each.id !== id));
    } catch (error) {
      showProblem(error);
    }
  };
  return (
    <section className="sheet" aria-label="Occasions">
      <div className="sheet-head">
        <h2>Occasions</h2>
        <Button component="a" href={`/clients/${clientId}/journey`} size="xs" variant="subtle">
          Pack for a journey
        </Button>
        <Button size="xs" variant="default" onClick={() => setEditing('new')}>
          Add
        </Button>
      </div>
      {all.length === 0 && <p className="soft">None yet. A box is easier to judge for an occasion.</p>}
      <ul className="rows">
        {all.map((each) => (
          <li key={each.id} className="occasion-line">
            <span>
              {each.occasion.title}
              <span className="small soft facts-line">{factsOf(each)}</span>
            </span>
            <button
              className="plain-button small"
              aria-label={`Change ${each.occasion.title}`}
              onClick={() => setEditing(each)}
            >
              change
            </button>
            <button
              className="plain-button small"
              aria-label={`Remove ${each.occasion.title}`}
              onClick={() => void remove(each)}
            >
              remove
            </button>
          </li>
        ))}
      </ul>
      {editing && (
        <OccasionForm
          clientId={clientId}
          of={editing === 'new' ? undefined : editing}
          onClose={() => setEditing(undefined)}
          onSaved={() => {
            setEditing(undefined);
            onChanged();
          }}
        />
      )}
    </section>
  );
}

function factsOf({ occasion, stages }: OccasionView): string {
  return [
    occasion.date && dayWords(occasion.date),
    occasion.time,
    `formality ${occasion.formality.join(' to ')}`,
    occasion.place,
    stages.length > 0 && `stages: ${stages.map(({ title }) => title).join(', ')}`,
    occasion.bans.length > 0 && `no ${occasion.bans.join(', ')}`,
    occasion.musts.length > 0 && occasion.musts.join(', '),
  ]
    .filter(Boolean)
    .join('; ');
}
