import type { BoxView } from '@contracts/box/box-view';
import { daysBetween } from '@core/schedule';
import { Button, Checkbox } from '@mantine/core';
import { dayWords } from '@ui/days';

interface Props {
  readonly view: Pick<BoxView, 'occasions' | 'today'>;
  /** Made on this page a moment ago; the box does not know them yet. */
  readonly added: readonly { readonly id: string; readonly title: string }[];
  readonly chosen: readonly string[];
  readonly onChoose: (ids: string[]) => void;
  readonly onAdd: () => void;
}

type Occasion = BoxView['occasions'][number]['occasion'];

/** "evening; formality 6 to 8; the chapel": what tells occasions apart. */
const aboutOf = ({ time, formality, place, date }: Occasion, today: string): string =>
  [
    time,
    `formality ${formality.join(' to ')}`,
    place,
    date && daysBetween(today, date) < 0 ? 'this day is past' : '',
  ]
    .filter(Boolean)
    .join('; ');

/** Which of the client's occasions the box is for. */
export function BriefOccasions({ view: { occasions, today }, added, chosen, onChoose, onAdd }: Props) {
  const all = [
    ...occasions.map(({ id, occasion }) => ({
      id,
      label: `${occasion.title}${occasion.date ? `, ${dayWords(occasion.date)}` : ''}`,
      about: aboutOf(occasion, today),
    })),
    ...added.map(({ id, title }) => ({ id, label: title, about: 'just added' })),
  ];
  return (
    <section className="sheet" aria-label="Occasions">
      <div className="sheet-head">
        <h2>For which occasions</h2>
        <Button size="xs" variant="default" onClick={onAdd}>
          Add an occasion
        </Button>
      </div>
      {all.length === 0 && (
        <p className="soft">None yet. Add the one this box is for; the dates follow from it.</p>
      )}
      <div className="brief-occasions">
        {all.map(({ id, label, about }) => (
          <Checkbox
            key={id}
            label={label}
            description={about}
            checked={chosen.includes(id)}
            onChange={(event) =>
              onChoose(event.currentTarget.checked ? [...chosen, id] : chosen.filter((each) => each !== id))
            }
          />
        ))}
      </div>
    </section>
  );
}
