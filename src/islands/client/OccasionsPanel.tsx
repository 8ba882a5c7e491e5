import type { OccasionView } from '@contracts/views';
import { Button } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { dayWords } from '@ui/days';
import { OccasionForm } from '../occasion/OccasionForm';

/** Where the client is going. */
export function OccasionsPanel({
  clientId,
  occasions,
}: {
  readonly clientId: string;
  readonly occasions: readonly OccasionView[];
}) {
  const [adding, { open, close }] = useDisclosure(false);
  return (
    <section className="sheet" aria-label="Occasions">
      <div className="closet-head">
        <h2>Occasions</h2>
        <Button size="xs" variant="default" onClick={open}>
          Add
        </Button>
      </div>
      {occasions.length === 0 && <p className="soft">None yet. A box is easier to judge for an occasion.</p>}
      <ul className="rows">
        {occasions.map(({ id, occasion }) => (
          <li key={id} style={{ padding: '6px 0' }}>
            {occasion.title}
            <div className="small soft">
              {occasion.date && dayWords(occasion.date)}; {occasion.time}; formality{' '}
              {occasion.formality.join(' to ')}
              {occasion.place && `; ${occasion.place}`}
            </div>
          </li>
        ))}
      </ul>
      <OccasionForm clientId={clientId} opened={adding} onClose={close} onSaved={() => location.reload()} />
    </section>
  );
}
