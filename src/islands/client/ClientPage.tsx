import { isClosed, isEnded, STATE_WORDS } from '@core/box';
import { zoneNoun } from '@core/say';
import { lengthIn, listed } from '@core/words';
import { useTongue } from '@ui/tongue';
import type { ClientView } from '@contracts/client/client-view';
import { Button } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { call, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { Figure } from '@ui/Figure';
import { Money } from '@ui/Money';
import { Taught, TAUGHT_KEYS } from '@ui/Taught';
import { Providers } from '@ui/Providers';
import { Swatches } from '@ui/Swatches';
import { useAsked } from '@ui/useAsked';
import { useMemo, useState } from 'react';
import { ClosetPanel } from './ClosetPanel';
import { ConsentPanel } from './ConsentPanel';
import { EditClient } from './EditClient';
import { MEASURE_WORDS } from './measure-words';
import { OccasionsPanel } from './OccasionsPanel';
import { OwnBriefPanel } from './OwnBriefPanel';
import { PersonPanel } from './PersonPanel';
import { RhythmPanel } from './RhythmPanel';
import { withQueries } from '@ui/withQueries';
import './client.css';

interface ClientPageProps {
  readonly view: ClientView;
  readonly currency: string;
  readonly mayErase: boolean;
}

/** Who the client is, what is owned, what is coming, what was kept. */
export const ClientPage = withQueries(function ClientPage({
  view: initial,
  currency,
  mayErase,
}: ClientPageProps) {
  const { answer: view = initial, again } = useAsked('client-page', { clientId: initial.id }, { initial });
  const tongue = useTongue();
  const onChanged = (): void => void again();
  const [editing, { open, close }] = useDisclosure(false);
  const [starting, setStarting] = useState(false);
  const open_box = view.boxes.find((box) => !isEnded(box.state));
  const startBox = async (): Promise<void> => {
    setStarting(true);
    try {
      const { id } = await call('start-box', { clientId: view.id });
      location.assign(`/box/${id}/brief`);
    } catch (error) {
      showProblem(error);
      setStarting(false);
    }
  };
  useKeys([
    ['e', open],
    ['b', () => void (open_box ? location.assign(`/box/${open_box.id}`) : startBox())],
  ]);
  const worn = useMemo(() => [], []);
  const { profile } = view;
  return (
    <Providers
      keys={[
        { keys: 'e', does: 'Edit the client' },
        { keys: 'a', does: 'Add a piece to the closet' },
        { keys: 'l', does: 'Fill the closet from a list or a file' },
        { keys: 'b', does: 'Open the box, or start one' },
        ...TAUGHT_KEYS,
      ]}
    >
      <div className="place-head">
        <h1>{view.name}</h1>
        <span className="soft">{view.about}</span>
        <div className="end">
          <Button variant="default" onClick={open} title="Edit the client (e)">
            Edit
          </Button>
          {open_box && (
            <Button component="a" href={`/box/${open_box.id}`} title="Open the box (b)">
              Box {open_box.number}, {open_box.step}
            </Button>
          )}
          <Button
            variant={open_box ? 'default' : 'filled'}
            onClick={() => void startBox()}
            loading={starting}
            title="Start a box (b)"
          >
            Start a box
          </Button>
        </div>
      </div>
      <div className="columns client-columns">
        <section className="sheet" aria-label="Measures and limits" style={{ display: 'grid', gap: 14 }}>
          <div style={{ display: 'grid', gridTemplateColumns: '124px 1fr', gap: 14 }}>
            <div className="stage" style={{ display: 'grid', placeItems: 'center' }}>
              <Figure pieces={worn} client={profile} height={252} title={`Figure of ${view.name}`} />
            </div>
            <dl className="measure-grid small">
              {view.body.map(({ name, mm, origin }) => (
                <div key={name} style={{ display: 'contents' }}>
                  <dt>{MEASURE_WORDS[name]}</dt>
                  <dd className="num">{(mm / 10).toFixed(1)}</dd>
                  <dd
                    className="soft"
                    title={origin === 'given' ? 'Measured' : 'Estimated from the other measures'}
                  >
                    {origin === 'given' ? 'cm' : 'est.'}
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
        <div style={{ display: 'grid', gap: 14 }}>
          <Taught clientId={view.id} firstName={view.name.split(' ')[0] ?? ''} onAccepted={onChanged} />
          <ClosetPanel
            clientId={view.id}
            clientName={view.name}
            initial={view.owned}
            retired={view.retired}
            onChanged={onChanged}
          />
          <div className="columns client-two">
            <div className="client-stack">
              <OccasionsPanel clientId={view.id} occasions={view.occasions} onChanged={onChanged} />
              <RhythmPanel view={view} />
              <OwnBriefPanel view={view} currency={currency} onChanged={onChanged} />
            </div>
            <div className="client-stack">
              <section className="sheet" aria-label="Boxes">
                <h2>Boxes</h2>
                {view.boxes.length === 0 && <p className="soft">No box yet.</p>}
                <ul className="rows">
                  {view.boxes.map((box) => (
                    <li key={box.id} style={{ padding: '7px 0' }}>
                      <a href={`/box/${box.id}`}>Box {box.number}</a>{' '}
                      <span className="chip">{STATE_WORDS[box.state]}</span>{' '}
                      <span className="small soft">
                        {box.outDay && `out ${dayWords(box.outDay)}; `}
                        {isClosed(box.state) ? `kept ${box.kept} of ${box.lines}` : `${box.lines} pieces`}
                      </span>{' '}
                      {box.netMinor !== undefined && <Money minor={box.netMinor} currency={currency} />}
                      {box.returned.map((line) => (
                        <div key={line.title} className="small soft">
                          Back: {line.title}, {line.reason}
                        </div>
                      ))}
                    </li>
                  ))}
                </ul>
              </section>
              <ConsentPanel view={view} />
              <PersonPanel view={view} mayErase={mayErase} />
            </div>
          </div>
        </div>
      </div>
      <EditClient key={view.version} view={view} opened={editing} onClose={close} onSaved={again} />
    </Providers>
  );
});

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
