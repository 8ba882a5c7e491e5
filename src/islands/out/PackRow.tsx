import type { LineView } from '@contracts/box/box-view';
import type { PackLine } from '@contracts/box/pack-view';
import { alterationWords, sizePhrase } from '@core/fit';
import { Checkbox } from '@mantine/core';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Money } from '@ui/Money';
import { pageTongue } from '@ui/tongue';

const jobsOf = (line: LineView | PackLine): readonly string[] =>
  'jobs' in line ? line.jobs : line.alterations.map((job) => alterationWords(job, pageTongue()));

interface Props {
  readonly line: LineView | PackLine;
  readonly currency: string;
  readonly ticked: boolean;
  /** It may still be ticked by hand. */
  readonly packing: boolean;
  /** The one that was scanned last. */
  readonly isLast: boolean;
  readonly onTick: () => void;
}

/** One piece of a pack list: ticked when it is in, with what keeps it out. */
export function PackRow({ line, currency, ticked, packing, isLast, onTick }: Props) {
  return (
    <li
      className={`piece-line${isLast ? ' piece-scanned' : ''}`}
      style={{ gridTemplateColumns: 'auto 56px 1fr auto' }}
    >
      <Checkbox
        aria-label={`${line.piece.title} is in`}
        checked={ticked}
        disabled={!packing || line.scanned}
        onChange={onTick}
      />
      <span className="paper-sketch paper-sketch-small">
        <GarmentSketch piece={line.piece} fit={48} decorative />
      </span>
      <div>
        {line.piece.title}
        <div className="small soft">
          {sizePhrase(line.size)}, {line.sku}, {line.location.toLowerCase()}
          {line.scanned && packing && ', scanned in'}
          {jobsOf(line).map((job) => (
            <div key={job}>{job}: wait for the tailor</div>
          ))}
          {'ruledOut' in line && line.ruledOut && (
            <div className="guard-words guard-refused">{line.ruledOut}</div>
          )}
          {!line.held && <span className="tone tone-blocks"> not held any more</span>}
        </div>
      </div>
      <Money minor={line.priceMinor} currency={currency} />
    </li>
  );
}
