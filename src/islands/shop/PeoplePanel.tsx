import type { LinkAnswer, PeopleView, PersonView } from '@contracts/people/people-view';
import { type Role, ROLE_WORDS, ROLES } from '@core/shop';
import { capital, listed } from '@core/words';
import { Button, NativeSelect, Switch, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { call, faultsByField, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useState } from 'react';

interface Props {
  readonly initial: PeopleView;
  readonly me: string;
}

const ROLE_CHOICES = ROLES.map((value) => ({ value, label: capital(value) }));

/** Everybody with an account, and how somebody new gets one. */
export function PeoplePanel({ initial, me }: Props) {
  const [view, setView] = useState(initial);
  const [link, setLink] = useState<{
    readonly address: string;
    readonly answer: LinkAnswer;
    readonly name: string;
  }>();
  const [busy, setBusy] = useState<string>();
  const work = async (what: string, deed: () => Promise<PeopleView>, done: string): Promise<void> => {
    setBusy(what);
    try {
      setView(await deed());
      showDone(done);
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(undefined);
    }
  };
  const shown = (name: string, answer: LinkAnswer): void => {
    setView(answer.people);
    setLink({ name, answer, address: new URL(answer.path, location.origin).href });
  };
  const reset = async ({ id, name }: PersonView): Promise<void> => {
    setBusy(`reset ${id}`);
    try {
      shown(name, await call('make-reset-link', { userId: id }));
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(undefined);
    }
  };
  return (
    <div className="shop-panel">
      <Invite onInvited={shown} />
      {link && (
        <section className="shop-link" role="status" aria-label="Link">
          <strong>Send this link to {link.name}.</strong>
          <code>{link.address}</code>
          <span className="small">
            It works once, until {dayWords(link.answer.expiresOn)}. It is shown here and nowhere else; make a
            new one if it gets lost.
          </span>
          <div className="shop-actions" style={{ justifyContent: 'flex-start' }}>
            <Button
              size="xs"
              onClick={() =>
                void navigator.clipboard.writeText(link.address).then(
                  () => showDone('The link is copied.'),
                  () => showProblem(undefined, 'The browser would not copy it: mark it and copy it by hand.'),
                )
              }
            >
              Copy the link
            </Button>
            <Button size="xs" variant="default" onClick={() => setLink(undefined)}>
              Hide it
            </Button>
          </div>
        </section>
      )}
      <section className="sheet" aria-label="People">
        <h2>Who works here</h2>
        <ul className="rows shop-people">
          {view.people.map((person) => (
            <Person
              key={person.id}
              person={person}
              people={view.people}
              isMe={person.id === me}
              busy={busy}
              onReset={() => void reset(person)}
              onWork={work}
            />
          ))}
        </ul>
      </section>
      <Invitations view={view} busy={busy} onWork={work} />
    </div>
  );
}

function Invite({ onInvited }: { readonly onInvited: (name: string, answer: LinkAnswer) => void }) {
  const [busy, setBusy] = useState(false);
  const form = useForm<{ name: string; email: string; role: Role }>({
    initialValues: { name: '', email: '', role: 'stylist' },
    validate: {
      name: (name) => (name.trim() === '' ? 'Who is it?' : null),
      email: (email) =>
        /^\S+@\S+\.\S+$/.test(email.trim()) ? null : 'An e-mail address, as ada@example.com',
    },
  });
  const invite = async ({ name, email, role }: typeof form.values): Promise<void> => {
    setBusy(true);
    try {
      onInvited(name, await call('invite-person', { name: name.trim(), email: email.trim(), role }));
      form.reset();
    } catch (error) {
      const faults = faultsByField(error);
      if (faults) form.setErrors(faults);
      else showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className="sheet"
      aria-label="Invite somebody"
      onSubmit={form.onSubmit((values) => void invite(values))}
    >
      <h2>Invite somebody</h2>
      <div className="shop-form">
        <TextInput label="Name" autoComplete="off" {...form.getInputProps('name')} />
        <TextInput label="E-mail" type="email" autoComplete="off" {...form.getInputProps('email')} />
        <NativeSelect label="As" data={ROLE_CHOICES} {...form.getInputProps('role')} />
        <Button type="submit" loading={busy}>
          Make the link
        </Button>
      </div>
      <p className="small soft">{ROLE_WORDS[form.values.role]}.</p>
    </form>
  );
}

const boxesWords = (boxes: number, rhythms: number): string =>
  listed([
    ...(boxes > 0 ? [boxes === 1 ? '1 box' : `${boxes} boxes`] : []),
    ...(rhythms > 0 ? [rhythms === 1 ? '1 rhythm' : `${rhythms} rhythms`] : []),
  ]);

type Work = (what: string, deed: () => Promise<PeopleView>, done: string) => Promise<void>;

interface PersonProps {
  readonly person: PersonView;
  readonly people: readonly PersonView[];
  readonly isMe: boolean;
  readonly busy: string | undefined;
  readonly onReset: () => void;
  readonly onWork: Work;
}

function Person({ person, people, isMe, busy, onReset, onWork }: PersonProps) {
  const { id, name, email, role, inTraining, endedOn, sessions, boxes, rhythms } = person;
  // A role that has no boxes, or no account at all: what is theirs goes to somebody first.
  const [leaving, setLeaving] = useState<'account' | 'role'>();
  const heirs = people.filter((each) => each.id !== id && !each.endedOn && each.role !== 'packer');
  const [heir, setHeir] = useState(heirs[0]?.id ?? '');
  const hasBoxes = boxes + rhythms > 0;
  const boxesTo = hasBoxes ? heir : undefined;
  const leave = (what: 'account' | 'role'): void => {
    setLeaving(undefined);
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
  const [latest] = sessions;
  return (
    <li className={endedOn ? 'ended' : undefined}>
      <div>
        <strong>{name}</strong> {isMe && <span className="soft">(you)</span>}
        <div className="small soft">{email}</div>
        <div className="small soft">
          {endedOn
            ? `Account ended ${dayWords(endedOn)}`
            : latest
              ? `Signed in on ${latest.device}${sessions.length > 1 ? ` and in ${sessions.length - 1} more ${sessions.length === 2 ? 'place' : 'places'}` : ''}, last seen ${dayWords(latest.lastSeen)}`
              : 'Not signed in'}
        </div>
      </div>
      <NativeSelect
        size="xs"
        aria-label={`Role of ${name}`}
        data={ROLE_CHOICES}
        value={role}
        disabled={endedOn !== undefined || busy !== undefined}
        onChange={(event) => {
          const next = event.currentTarget.value as Role;
          if (next === 'packer' && hasBoxes) return setLeaving('role');
          void onWork(
            `role ${id}`,
            () => call('change-role', { userId: id, role: next }),
            `${name}’s role is changed.`,
          );
        }}
      />
      <div className="shop-actions">
        {!endedOn && (
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
                  void onWork(
                    `out ${id}`,
                    () => call('end-sessions', { userId: id }),
                    `${name} is signed out.`,
                  )
                }
              >
                Sign out
              </Button>
            )}
            {!isMe && !leaving && (
              <Button size="compact-xs" variant="default" onClick={() => setLeaving('account')}>
                End the account…
              </Button>
            )}
            {leaving && hasBoxes && (
              <NativeSelect
                size="xs"
                label={`${boxesWords(boxes, rhythms)}: to whom?`}
                data={heirs.map((each) => ({ value: each.id, label: each.name }))}
                value={heir}
                onChange={(event) => setHeir(event.currentTarget.value)}
              />
            )}
            {leaving && (
              <>
                <Button
                  size="compact-xs"
                  color="madder"
                  disabled={hasBoxes && heir === ''}
                  onClick={() => leave(leaving)}
                >
                  {leaving === 'account' ? `End ${name}’s account` : `Make ${name} a packer`}
                </Button>
                <Button size="compact-xs" variant="default" onClick={() => setLeaving(undefined)}>
                  Cancel
                </Button>
              </>
            )}
          </>
        )}
        {endedOn && (
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
        )}
      </div>
    </li>
  );
}

function Invitations({
  view,
  busy,
  onWork,
}: {
  readonly view: PeopleView;
  readonly busy: string | undefined;
  readonly onWork: Work;
}) {
  const waiting = view.invitations.filter(({ state }) => state === 'open');
  if (waiting.length === 0) return null;
  return (
    <section className="sheet" aria-label="Links on their way">
      <h2>Links not used yet</h2>
      <ul className="rows shop-lines">
        {waiting.map(({ id, kind, name, email, role, expiresOn }) => (
          <li key={id}>
            <span>
              {kind === 'invite' ? `${name}, as ${role}` : `New password for ${name}`}{' '}
              <span className="small soft">
                {email}; until {dayWords(expiresOn)}
              </span>
            </span>
            <Button
              size="compact-xs"
              variant="default"
              disabled={busy !== undefined}
              onClick={() =>
                void onWork(
                  `stop ${id}`,
                  () => call('revoke-invitation', { id }),
                  `The link for ${name} no longer works.`,
                )
              }
            >
              Stop the link
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
