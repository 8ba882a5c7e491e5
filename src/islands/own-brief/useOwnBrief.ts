import type { OwnBriefView } from '@contracts/client/brief-link-view';
import type { Problem } from '@contracts/faults';
import type { BriefAnswers } from '@contracts/own-brief';
import { useEffect, useRef, useState } from 'react';

const SAVE_AFTER_MS = 700;

type State = 'saved' | 'saving' | 'not saved';

/** Sends what a client answers; the problem, where it was not taken. */
export async function post(token: string, body: unknown): Promise<Problem | undefined> {
  const response = await fetch(`/api/own-brief/${token}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  }).catch(() => undefined);
  if (!response) return { type: '', title: 'No connection just now.', status: 0, faults: [] };
  return response.ok ? undefined : ((await response.json()) as Problem);
}

/** Answers that are kept as they are given, and sent when they are done. */
export function useOwnBrief(token: string, view: OwnBriefView) {
  const [answers, setAnswers] = useState<BriefAnswers>(view.answers);
  const [state, setState] = useState<State>('saved');
  const [problem, setProblem] = useState<Problem>();
  const [sent, setSent] = useState(view.sent);
  const [sending, setSending] = useState(false);
  const first = useRef(true);
  useEffect(() => {
    if (first.current) {
      first.current = false;
      return;
    }
    setState('saving');
    const wait = setTimeout(() => {
      void post(token, { answers }).then((fault) => {
        setProblem(fault);
        setState(fault ? 'not saved' : 'saved');
      });
    }, SAVE_AFTER_MS);
    return () => clearTimeout(wait);
  }, [answers, token]);
  const set = (part: Partial<BriefAnswers>): void =>
    setAnswers((now) => {
      const next = { ...now, ...part };
      return Object.fromEntries(
        Object.entries(next).filter(([, value]) => value !== undefined),
      ) as BriefAnswers;
    });
  const send = async (): Promise<void> => {
    setSending(true);
    const fault = await post(token, { answers, send: true });
    setProblem(fault);
    setSending(false);
    if (!fault) setSent(true);
  };
  return { answers, set, state, problem, sent, sending, send };
}
