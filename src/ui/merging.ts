import type { Answer, Input, CallName } from '@contracts/calls';
import { type Merge, mergeFields, type MergedField, withTheirs } from '@core/merge';
import { create } from 'zustand';
import { ApiProblem, call } from './api';

type Record_ = Readonly<Record<string, unknown>>;
/** Fields taken over from them, or nothing: then nothing is saved. */
type Choice = readonly MergedField[] | undefined;

interface Asking {
  readonly merge: Pick<Merge<Record_>, 'taken' | 'clashes'>;
  readonly answer: (choice: Choice) => void;
}

/** What the merge dialog of the page is asking just now. */
export const useMergeAsked = create<{ readonly asking: Asking | undefined }>(() => ({ asking: undefined }));

const ask = (merge: Asking['merge']): Promise<Choice> =>
  new Promise((done) => {
    const answer = (choice: Choice): void => {
      useMergeAsked.setState({ asking: undefined });
      done(choice);
    };
    useMergeAsked.setState({ asking: { merge, answer } });
  });

/** Fields that say which record it is, and not what is in it. */
const withoutKeys = ({ id: _id, version: _version, ...rest }: Record_): Record_ => rest;

/**
 * Calls a write that is made over a version. When somebody saved in the meantime both are shown, merged field by field,
 * and what is chosen is saved over theirs. `base` is the input that would have changed nothing. Resolves with the answer;
 * rejects with ApiProblem, also when the person would rather not save. `onMerged` is given what was saved, where that is
 * not what was sent: a page that goes on must go on from there. Where nobody presses Save (`byItself`) changes that do not touch
 * are merged without a question.
 */
export async function callMerging<N extends CallName>(
  name: N,
  input: Input<N>,
  base: Partial<Input<N>>,
  onMerged?: (saved: Input<N>) => void,
  byItself = false,
): Promise<Answer<N>> {
  try {
    return await call(name, input);
  } catch (error) {
    if (!(error instanceof ApiProblem) || error.status !== 409 || !error.current) throw error;
    const { current } = error;
    const mine = withoutKeys(input as Record_);
    const { merged, taken, clashes } = mergeFields(withoutKeys(base as Record_), mine, current);
    const choice = byItself && clashes.length === 0 ? [] : await ask({ taken, clashes });
    if (!choice) throw error;
    const { id } = input as Record_;
    const again = {
      ...withTheirs(merged, choice),
      ...(id === undefined ? {} : { id }),
      version: current.version,
    };
    const answer = await callMerging(
      name,
      again as Input<N>,
      current as Partial<Input<N>>,
      undefined,
      byItself,
    );
    onMerged?.(again as Input<N>);
    return answer;
  }
}
