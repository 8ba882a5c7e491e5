import type { ClientView } from '@contracts/client/client-view';
import type { Piece } from '@core/piece';
import { zoneNoun } from '@core/say';
import { lengthIn, listed } from '@core/words';
import { Figure } from '@ui/Figure';
import { Money } from '@ui/Money';
import { Swatches } from '@ui/Swatches';
import { useTongue } from '@ui/tongue';
import { MEASURE_WORDS } from './measure-words';

interface Props {
  readonly view: ClientView;
  readonly currency: string;
}

/** One list for all time: the figure is drawn anew for another. */
const NOTHING: readonly Piece[] = [];

/** Her figure and measures, what is covered, ruled out, liked, and what a box may cost. */
export function Person({ view, currency }: Props) {
  const tongue = useTongue();
  const { profile } = view;
  return (
    <section className="sheet" aria-label="Measures and limits" style={{ display: 'grid', gap: 14 }}>
      <div style={{ display: 'grid', gridTemplateColumns: '124px 1fr', gap: 14 }}>
        <div className="stage" style={{ display: 'grid', placeItems: 'center' }}>
          <Figure pieces={NOTHING} client={profile} height={252} title={`Figure of ${view.name}`} />
        </div>
        <dl className="measure-grid small">
          {view.body.map(({ name, mm, origin }) => (
            <div key={name} style={{ display: 'contents' }}>
              <dt>{MEASURE_WORDS[name]}</dt>
              <dd className="num">{lengthIn(mm, tongue)}</dd>
              <dd
                className="soft"
                title={origin === 'given' ? 'Measured' : 'Estimated from the other measures'}
              >
                {origin === 'given' ? '' : 'est.'}
              </dd>
            </div>
          ))}
        </dl>
      </div>
      <dl className="facts small">
        <Fact label="Keeps covered" value={listed(profile.cover.map(zoneNoun))} />
        <Fact label="Allergies" value={profile.allergies.join(', ')} strong />
        <Fact label="Never" value={profile.nevers.join(', ')} strong />
        <Fact
          label="Heel"
          value={
            profile.limits.heelMaxMm === undefined
              ? ''
              : `up to ${lengthIn(profile.limits.heelMaxMm, tongue)}`
          }
        />
        <Fact
          label="Avoids"
          value={[...profile.limits.avoidFibres, ...profile.limits.avoidMetals].join(', ')}
        />
        <Fact label="Care" value={profile.limits.washableOnly ? 'washable only' : ''} />
        <Fact
          label="Appetite"
          value={[
            profile.appetite.statement && `statement: ${profile.appetite.statement}`,
            profile.appetite.pattern && `pattern: ${profile.appetite.pattern}`,
          ]
            .filter(Boolean)
            .join('; ')}
        />
        <Fact label="Moods" value={profile.moods.join(', ')} />
        <Fact label="Wishes" value={profile.goals.map((goal) => goal.replace('-', ' ')).join(', ')} />
        <dt>Likes</dt>
        <dd>
          {profile.colourCard.like.length > 0 ? (
            <Swatches hexes={profile.colourCard.like} />
          ) : (
            <span className="soft">not said</span>
          )}
        </dd>
        {profile.colourCard.avoid.length > 0 && (
          <>
            <dt>Avoids</dt>
            <dd>
              <Swatches hexes={[...profile.colourCard.avoid, ...profile.colourCard.never]} />
            </dd>
          </>
        )}
        <dt>Box budget</dt>
        <dd>
          {view.boxBudgetMinor === null ? (
            <span className="soft">not set</span>
          ) : (
            <Money minor={view.boxBudgetMinor} currency={currency} />
          )}
        </dd>
      </dl>
      {view.notes && <p className="small">{view.notes}</p>}
    </section>
  );
}

function Fact({
  label,
  value,
  strong,
}: {
  readonly label: string;
  readonly value: string;
  readonly strong?: boolean;
}) {
  if (!value) return null;
  return (
    <>
      <dt>{label}</dt>
      <dd style={strong ? { fontWeight: 600 } : undefined}>{value}</dd>
    </>
  );
}
