import type { PracticeAnswered, PracticeDay, PracticeTask } from '@contracts/practice/practice';
import type { ExerciseKind, PracticeAnswer } from '@core/practice';
import { call, showProblem } from '@ui/api';
import { useRef, useState } from 'react';

type State = 'resting' | 'looking' | 'asked' | 'told' | 'nothing';

/** A round of exercises: the one in hand, how it was answered, and how the round went. */
export function usePractice(first: PracticeDay) {
  const [state, setState] = useState<State>('resting');
  const [day, setDay] = useState(first);
  const [task, setTask] = useState<PracticeTask['task']>();
  const [currency, setCurrency] = useState('EUR');
  const [answered, setAnswered] = useState<PracticeAnswered>();
  const [given, setGiven] = useState<PracticeAnswer>({ chosen: [] });
  const [session, setSession] = useState<readonly boolean[]>([]);
  const [busy, setBusy] = useState(false);
  const began = useRef(0);
  // While an answer is read the next exercise is made.
  const coming = useRef<Promise<PracticeTask> | undefined>(undefined);
  const ask = (last?: ExerciseKind): Promise<PracticeTask> => {
    const asked = call('practice-next', last ? { last } : {});
    // Shown when it is waited for.
    asked.catch(() => undefined);
    return asked;
  };

  async function next(): Promise<void> {
    setState('looking');
    if (state === 'resting') setSession([]);
    try {
      const found = await (coming.current ?? ask(task?.exercise.kind));
      setDay(found.day);
      setCurrency(found.currency);
      setTask(found.task);
      setAnswered(undefined);
      began.current = Date.now();
      setState(found.task ? 'asked' : 'nothing');
    } catch (error) {
      showProblem(error);
      setState('resting');
    } finally {
      coming.current = undefined;
    }
  }

  async function answer(answer: PracticeAnswer): Promise<void> {
    if (!task || busy) return;
    setBusy(true);
    const seconds = Math.round((Date.now() - began.current) / 1000);
    const { chosen, why, looks } = answer;
    try {
      const found = await call('practice-answer', {
        taskId: task.id,
        chosen: [...chosen],
        ...(why ? { why } : {}),
        ...(looks ? { looks: looks.map((look) => [...look]) } : {}),
        seconds,
      });
      setGiven(answer);
      setAnswered(found);
      setDay(found.day);
      setSession((all) => [...all, found.right]);
      setState('told');
      coming.current = ask(task.exercise.kind);
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  }

  return {
    state,
    day,
    task,
    currency,
    answered,
    given,
    session,
    busy,
    next,
    answer,
    rest: () => setState('resting'),
  };
}
