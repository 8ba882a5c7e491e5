import type { Exercise } from '@core/practice';
import type { Speaker } from '@core/say';
import { lengthIn } from '@core/words';
import { Figure } from '@ui/Figure';
import { GarmentSketch } from '@ui/GarmentSketch';
import { girthsOf } from './girths';

/** Kinds whose options already show the look on the figure. */
const IN_OPTIONS: readonly Exercise['kind'][] = [
  'which',
  'whites',
  'heel',
  'finish',
  'wish',
  'budget',
  'ways',
];

/** What an exercise is about: the look on the figure, or a garment and the figure it is for. */
export function Shown({ exercise, by }: { readonly exercise: Exercise; readonly by: Speaker }) {
  if (IN_OPTIONS.includes(exercise.kind)) return null;
  const { look, client } = exercise;
  const [piece] = look;
  if (exercise.kind === 'size')
    return (
      <div className="practice-shown">
        {piece && <GarmentSketch piece={piece} fit={230} />}
        <p>{piece?.title}</p>
        <h3>The figure</h3>
        <dl className="practice-measures num">
          {girthsOf(client.measures).map(([label, mm]) => (
            <div key={label}>
              <dt>{label}</dt>
              <dd>{lengthIn(mm, by.tongue)}</dd>
            </div>
          ))}
        </dl>
      </div>
    );
  return (
    <div className="stage practice-shown">
      <Figure pieces={look} client={client} height={430} title={look.map(({ title }) => title).join(', ')} />
    </div>
  );
}
