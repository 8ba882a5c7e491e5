import type { LinkAnswer, PeopleView, PersonView } from '@contracts/people/people-view';
import { type Role, ROLE_WORDS } from '@core/shop';
import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { call, showAtFields, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { useState } from 'react';
import { Person, ROLE_CHOICES, type Work } from './Person';

interface Props {
  readonly initial: PeopleView;
  readonly me: string;
}

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
      showAtFields(error, form);
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
