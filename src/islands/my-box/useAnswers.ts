import type { Problem } from '@contracts/faults';
import type { MyBoxView } from '@contracts/tally/my-box';
import { useState } from 'react';

/** Until what somebody else decided meanwhile is shown, ms: her own words are read first. */
const RELOAD_MS = 4000;

export interface Answers {
  readonly view: MyBoxView;
  readonly busy: boolean;
  readonly problem: string;
  readonly say: (body: object) => Promise<void>;
}

/** Sends what she says; the page shows what is stored, never what was only pressed. */
export function useAnswers(token: string, first: MyBoxView): Answers {
  const [view, setView] = useState(first);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const ask = (body: object): Promise<Response | undefined> =>
    fetch(`/api/my-box/${token}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    }).catch(() => undefined);
  const say = async (body: object): Promise<void> => {
    setBusy(true);
    setProblem('');
    const response = await ask(body);
    setBusy(false);
    if (!response) return setProblem('No connection just now. Nothing was changed; please try again.');
    if (response.ok) return setView((await response.json()) as MyBoxView);
    setProblem(((await response.json()) as Problem).title);
    // Somebody in the shop may have decided meanwhile: what stands there now is shown.
    if (response.status === 409) setTimeout(() => location.reload(), RELOAD_MS);
  };
  return { view, busy, problem, say };
}
