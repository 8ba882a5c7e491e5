import type { Problem } from '@contracts/faults';
import { Button, FileInput, PasswordInput } from '@mantine/core';
import { showDone, showProblem } from '@ui/api';
import { useState } from 'react';

const FAULTS_SHOWN = 12;

/** What the server says of a refusal, or that it said nothing. */
const problemOf = async (response: Response | undefined): Promise<Problem> =>
  ((await response?.json().catch(() => undefined)) as Problem | undefined) ?? {
    type: 'about:blank',
    title: 'The server did not answer. Nothing was changed; try again in a moment.',
    status: response?.status ?? 0,
    faults: [],
  };

/** The whole shop as one file of open formats: to leave with, or to open a new shop from. */
export function ArchivePanel({ isEmpty }: { readonly isEmpty: boolean }) {
  return (
    <>
      <section className="sheet" aria-label="Take the shop out">
        <h2>The whole shop as a file</h2>
        <p className="small soft">
          Clients, stock, boxes, looks, money and photos in open formats (JSON lines, CSV, JPEG, iCalendar),
          with a description of each. No passwords, sessions or links. It holds people’s measures: keep it as
          you would keep them.
        </p>
        <TakeOut />
      </section>
      {isEmpty && (
        <section className="sheet" aria-label="Bring a shop in">
          <h2>Open this shop from a file</h2>
          <p className="small soft">
            This shop is empty. Choose the file another shop was taken out into; all of it comes in, or
            nothing does. Everybody but you then needs a link to a new password.
          </p>
          <BringIn />
        </section>
      )}
    </>
  );
}

function TakeOut() {
  const [password, setPassword] = useState('');
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const take = async (): Promise<void> => {
    setBusy(true);
    setFault(undefined);
    const answer = await fetch('/shop/archive', {
      method: 'POST',
      headers: { 'content-type': 'application/x-www-form-urlencoded' },
      body: new URLSearchParams({ password }),
    }).catch(() => undefined);
    if (answer?.ok) {
      const name = /filename="([^"]+)"/.exec(answer.headers.get('content-disposition') ?? '')?.[1];
      const url = URL.createObjectURL(await answer.blob());
      Object.assign(document.createElement('a'), { href: url, download: name ?? 'shop.zip' }).click();
      setTimeout(() => URL.revokeObjectURL(url), 60_000);
      setPassword('');
      showDone('The file is on your machine.');
    } else {
      const problem = await problemOf(answer);
      const [first] = problem.faults;
      if (first) setFault(first.message);
      else showProblem(undefined, problem.title);
    }
    setBusy(false);
  };
  return (
    <form
      className="shop-form"
      onSubmit={(event) => {
        event.preventDefault();
        void take();
      }}
    >
      <PasswordInput
        label="Your password"
        autoComplete="current-password"
        value={password}
        error={fault}
        onChange={(event) => setPassword(event.currentTarget.value)}
      />
      <Button type="submit" loading={busy} disabled={password === ''}>
        Take the shop out
      </Button>
    </form>
  );
}

function BringIn() {
  const [file, setFile] = useState<File | null>(null);
  const [problem, setProblem] = useState<Problem>();
  const [busy, setBusy] = useState(false);
  const bring = async (): Promise<void> => {
    if (!file) return;
    setBusy(true);
    setProblem(undefined);
    const answer = await fetch('/shop/archive', {
      method: 'PUT',
      headers: { 'content-type': 'application/zip' },
      body: file,
    }).catch(() => undefined);
    if (answer?.ok) {
      showDone('The shop is in.');
      location.assign('/');
      return;
    }
    setProblem(await problemOf(answer));
    setBusy(false);
  };
  return (
    <form
      className="shop-form"
      onSubmit={(event) => {
        event.preventDefault();
        void bring();
      }}
    >
      <FileInput label="ZIP file" placeholder="Choose a file" accept=".zip" value={file} onChange={setFile} />
      <Button type="submit" loading={busy} disabled={!file}>
        Bring it in
      </Button>
      {problem && (
        <div className="whole tone tone-blocks" role="alert">
          {problem.title}
          <ul>
            {problem.faults.slice(0, FAULTS_SHOWN).map(({ path, message }) => (
              <li key={`${path}${message}`}>
                {path}: {message}
              </li>
            ))}
          </ul>
        </div>
      )}
    </form>
  );
}
