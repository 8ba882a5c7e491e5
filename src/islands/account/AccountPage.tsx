import { type Role, ROLE_WORDS } from '@core/shop';
import { Button, PasswordInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { call, showAtFields, showDone } from '@ui/api';
import { Providers } from '@ui/Providers';
import { useState } from 'react';

interface Props {
  readonly name: string;
  readonly email: string;
  readonly role: Role;
}

/** One's own account: who one is here, and one's password. */
export function AccountPage({ name, email, role }: Props) {
  const [busy, setBusy] = useState(false);
  const form = useForm({
    initialValues: { current: '', password: '', again: '' },
    validate: {
      current: (text) => (text === '' ? 'Your password as it is now' : null),
      password: (text) => (text.length < 12 ? 'At least 12 characters' : null),
      again: (text, { password }) => (text === password ? null : 'Not the same as above'),
    },
  });
  const save = async ({ current, password }: typeof form.values): Promise<void> => {
    setBusy(true);
    try {
      const { ended } = await call('change-password', { current, password });
      form.reset();
      showDone(
        ended > 0
          ? `Your password is changed; you are signed out in ${ended} other ${ended === 1 ? 'place' : 'places'}.`
          : 'Your password is changed.',
      );
    } catch (error) {
      showAtFields(error, form);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Providers>
      <div className="place-head">
        <h1>Your account</h1>
      </div>
      <form
        className="sheet account"
        style={{ display: 'grid', gap: 12, maxWidth: 460 }}
        onSubmit={form.onSubmit((values) => void save(values))}
      >
        <h2>{name}</h2>
        <p className="small soft">
          {email}. {ROLE_WORDS[role]}.
        </p>
        <input type="hidden" name="username" autoComplete="username" value={email} readOnly />
        <PasswordInput
          label="Password now"
          autoComplete="current-password"
          {...form.getInputProps('current')}
        />
        <PasswordInput
          label="New password"
          description="12 characters or more; four words that do not belong together are good"
          autoComplete="new-password"
          {...form.getInputProps('password')}
        />
        <PasswordInput
          label="New password again"
          autoComplete="new-password"
          {...form.getInputProps('again')}
        />
        <Button type="submit" loading={busy}>
          Change the password
        </Button>
      </form>
    </Providers>
  );
}
