import type { PeopleView, PersonView } from '@contracts/people/people-view';
import { type Role, ROLES } from '@core/shop';
import { capital, listed } from '@core/words';
import { Button, NativeSelect, Switch } from '@mantine/core';
import { call } from '@ui/api';
import { dayWords } from '@ui/days';
import { useState } from 'react';

export const ROLE_CHOICES = ROLES.map((value) => ({ value, label: capital(value) }));

/** Does something with somebody, and says that it is done. */
export type Work = (what: string, deed: () => Promise<PeopleView>, done: string) => Promise<void>;

interface Props {
  readonly person: PersonView;
  readonly people: readonly PersonView[];
  readonly isMe: boolean;
  readonly busy: string | undefined;
  readonly onReset: () => void;
  readonly onWork: Work;
}

/** Somebody with an account: who, as what, since when, and what can be done about it. */
export function Person({ person, people, isMe, busy, onReset, onWork }: Props) {
  const { id, name, email, role, endedOn, boxes, rhythms } = person;
  // A role that has no boxes, or no account at all: what is theirs goes to somebody first.
  const [leaving, setLeaving] = useState<'account' | 'role'>();
  return (
    <li className={endedOn ? 'ended' : undefined}>
      <div>
        <strong>{name}</strong> {isMe && <span className="soft">(you)</span>}
        <div className="small soft">{email}</div>
        <div className="small soft">{whereWords(person)}</div>
      </div>
      <NativeSelect
        size="xs"
        aria-label={`Role of ${name}`}
        data={ROLE_CHOICES}
        value={role}
        disabled={endedOn !== undefined || busy !== undefined}
        onChange={(event) => {
          const next = event.currentTarget.value as Role;
          if (next === 'packer' && boxes + rhythms > 0) return setLeaving('role');
          void onWork(
            `role ${id}`,
            () => call('change-role', { userId: id, role: next }),
            `${name}’s role is changed.`,
          );
        }}
      />
      <div className="shop-actions">
        {endedOn ? (
          <Button
            size="compact-xs"
            variant="default"
            onClick={() =>
              void onWork(
                `open ${id}`,
                () => call('end-account', { userId: id, ended: false }),
                `${name} may sign in again.`,
              )
            }
          >
            Open it again
          </Button>
        ) : (
          <>
            <Deeds person={person} isMe={isMe} busy={busy} onReset={onReset} onWork={onWork} />
            {!isMe && !leaving && (
              <Button size="compact-xs" variant="default" onClick={() => setLeaving('account')}>
                End the account…
              </Button>
            )}
            {leaving && (
              <Leaving
                person={person}
                people={people}
                what={leaving}
                onWork={onWork}
                onDone={() => setLeaving(undefined)}
              />
            )}
          </>
        )}
      </div>
    </li>
  );
}

/** Where somebody is signed in, and when they were last seen. */
function whereWords({ endedOn, sessions }: PersonView): string {
  if (endedOn) return `Account ended ${dayWords(endedOn)}`;
  const [latest] = sessions;
  if (!latest) return 'Not signed in';
  const more = sessions.length - 1;
  const elsewhere = more > 0 ? ` and in ${more} more ${more === 1 ? 'place' : 'places'}` : '';
  return `Signed in on ${latest.device}${elsewhere}, last seen ${dayWords(latest.lastSeen)}`;
}

/** Training, a new password, and an end to where they are signed in. */
function Deeds({ person, isMe, busy, onReset, onWork }: Omit<Props, 'people'>) {
  const { id, name, role, inTraining, sessions } = person;
  return (
    <>
      {role !== 'packer' && (
        <Switch
          size="xs"
          label="in training"
          aria-label={`${name} is in training`}
          checked={inTraining}
          disabled={busy !== undefined}
          onChange={(event) => {
            const next = event.currentTarget.checked;
            void onWork(
              `training ${id}`,
              () => call('set-training', { userId: id, inTraining: next }),
              next ? `${name}’s day begins with practice.` : `${name} is done training.`,
            );
          }}
        />
      )}
      <Button size="compact-xs" variant="default" loading={busy === `reset ${id}`} onClick={onReset}>
        New password link
      </Button>
      {sessions.length > 0 && !isMe && (
        <Button
          size="compact-xs"
          variant="default"
          onClick={() =>
            void onWork(`out ${id}`, () => call('end-sessions', { userId: id }), `${name} is signed out.`)
          }
        >
          Sign out
        </Button>
      )}
    </>
  );
}

interface LeavingProps extends Pick<Props, 'person' | 'people' | 'onWork'> {
  readonly what: 'account' | 'role';
  readonly onDone: () => void;
}

/** Asks who takes over what is theirs, and whether it is meant. */
function Leaving({ person, people, what, onWork, onDone }: LeavingProps) {
  const { id, name, boxes, rhythms } = person;
  const heirs = people.filter((each) => each.id !== id && !each.endedOn && each.role !== 'packer');
  const [heir, setHeir] = useState(heirs[0]?.id ?? '');
  const hasBoxes = boxes + rhythms > 0;
  const boxesTo = hasBoxes ? heir : undefined;
  const leave = (): void => {
    onDone();
    if (what === 'account')
      void onWork(
        `end ${id}`,
        () => call('end-account', { userId: id, ended: true, boxesTo }),
        `${name}’s account is ended; what they did stays in the records.`,
      );
    else
      void onWork(
        `role ${id}`,
        () => call('change-role', { userId: id, role: 'packer', boxesTo }),
        `${name} packs now.`,
      );
  };
  return (
    <>
      {hasBoxes && (
        <NativeSelect
          size="xs"
          label={`${boxesWords(boxes, rhythms)}: to whom?`}
          data={heirs.map((each) => ({ value: each.id, label: each.name }))}
          value={heir}
          onChange={(event) => setHeir(event.currentTarget.value)}
        />
      )}
      <Button size="compact-xs" color="madder" disabled={hasBoxes && heir === ''} onClick={leave}>
        {what === 'account' ? `End ${name}’s account` : `Make ${name} a packer`}
      </Button>
      <Button size="compact-xs" variant="default" onClick={onDone}>
        Cancel
      </Button>
    </>
  );
}

const boxesWords = (boxes: number, rhythms: number): string =>
  listed([
    ...(boxes > 0 ? [boxes === 1 ? '1 box' : `${boxes} boxes`] : []),
    ...(rhythms > 0 ? [rhythms === 1 ? '1 rhythm' : `${rhythms} rhythms`] : []),
  ]);
