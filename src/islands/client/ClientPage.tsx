import { isClosed, isEnded, STATE_WORDS } from '@core/box';
import type { ClientView } from '@contracts/client/client-view';
import { Button } from '@mantine/core';
import { useDisclosure } from '@mantine/hooks';
import { useKeys } from '@ui/useKeys';
import { call, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { Taught, TAUGHT_KEYS } from '@ui/Taught';
import { Providers } from '@ui/Providers';
import { useAsked } from '@ui/useAsked';
import { useState } from 'react';
import { ClosetPanel } from './ClosetPanel';
import { ConsentPanel } from './ConsentPanel';
import { EditClient } from './EditClient';
import { OccasionsPanel } from './OccasionsPanel';
import { OwnBriefPanel } from './OwnBriefPanel';
import { Person } from './Person';
import { PersonPanel } from './PersonPanel';
import { RhythmPanel } from './RhythmPanel';
import { withQueries } from '@ui/withQueries';
import { spell } from '@ui/tongue';
import { counted } from '@core/words';
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
        <Person view={view} currency={currency} />
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
              <Boxes boxes={view.boxes} currency={currency} />
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

interface BoxesProps {
  readonly boxes: ClientView['boxes'];
  readonly currency: string;
}

/** Her boxes, newest first: how each stands, what stayed, what came back and why. */
function Boxes({ boxes, currency }: BoxesProps) {
  return (
    <section className="sheet" aria-label="Boxes">
      <h2>Boxes</h2>
      {boxes.length === 0 && <p className="soft">No box yet.</p>}
      <ul className="rows">
        {boxes.map((box) => (
          <li key={box.id} style={{ padding: '7px 0' }}>
            <a href={`/box/${box.id}`}>Box {box.number}</a>{' '}
            <span className="chip">{spell(STATE_WORDS[box.state])}</span>{' '}
            <span className="small soft">
              {box.outDay && `out ${dayWords(box.outDay)}; `}
              {isClosed(box.state) ? `kept ${box.kept} of ${box.lines}` : counted(box.lines, 'piece')}
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
  );
}
