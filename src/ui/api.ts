import type { Answer, Input, CallName } from '@contracts/calls';
import type { Fault, Problem } from '@contracts/faults';
import { notifications } from '@mantine/notifications';
import { spell } from './tongue';

/** The server said no, in words, with the fields it means. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly faults: readonly Fault[],
    /** Of a write over something newer: what is there now, in the shape of the call’s input. */
    readonly current?: Readonly<Record<string, unknown>> | undefined,
  ) {
    super(title);
  }
}

/**
 * Calls a use case. Resolves with its answer; rejects with ApiProblem. Every call carries a key of its
 * own; a call that got no answer is sent once more with the same key, so a write is never doubled.
 */
export async function call<N extends CallName>(name: N, input: Input<N>): Promise<Answer<N>> {
  const request: RequestInit = {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'idempotency-key': crypto.randomUUID() },
    body: JSON.stringify(input),
  };
  const response = await fetch(`/api/${name}`, request)
    .catch(() => fetch(`/api/${name}`, request))
    .catch(() => undefined);
  if (!response)
    throw new ApiProblem(
      0,
      'The server did not answer. Nothing is lost on this screen; try again in a moment.',
      [],
    );
  if (response.ok) return (await response.json()) as Answer<N>;
  const problem = (await response.json().catch(() => undefined)) as Problem | undefined;
  throw new ApiProblem(
    response.status,
    spell(problem?.title ?? 'The server could not do that.'),
    (problem?.faults ?? []).map((fault) => ({ ...fault, message: spell(fault.message) })),
    problem?.current,
  );
}

/** What a refusal says of single fields, by field, for a form to show; undefined when it says nothing of any. */
export function faultsByField(
  error: unknown,
  fieldOf: (path: string) => string = (path) => path,
): Record<string, string> | undefined {
  if (!(error instanceof ApiProblem) || error.faults.length === 0) return undefined;
  return Object.fromEntries(error.faults.map(({ path, message }) => [fieldOf(path), message]));
}

/** A form as far as a refusal is shown in it. */
interface FaultForm {
  readonly values: object;
  readonly setErrors: (errors: Record<string, string>) => void;
}

/**
 * Shows a refused input at the fields of a form, in the words of the server; what no field of it holds, and any other
 * refusal, where everybody sees it. `fieldOf`: the field that shows a path (`stages.0.title`).
 */
export function showAtFields(
  error: unknown,
  { values, setErrors }: FaultForm,
  fieldOf: (path: string) => string = (path) => path,
): void {
  const faults = faultsByField(error, (path) => fieldOf(path.replace(/\[(\d+)\]/g, '.$1')));
  if (!faults || !(error instanceof ApiProblem) || error.status !== 422) return showProblem(error);
  setErrors(faults);
  if (Object.keys(faults).some((field) => !((field.split('.')[0] ?? '') in values))) showProblem(error);
}

/** Shows a refusal where everybody sees it, fields named; `words` where there is more to say than the error does. */
export function showProblem(error: unknown, words = 'Something went wrong on this page.'): void {
  const problem = error instanceof ApiProblem ? error : undefined;
  const faults = (problem?.faults ?? []).map(({ path, message }) => `${path}: ${message}`).join('\n');
  notifications.show({
    color: 'madder',
    title: problem?.message ?? words,
    message: faults,
    role: 'alert',
    autoClose: 12_000,
    style: { whiteSpace: 'pre-line' },
  });
}

export const showDone = (title: string): void => {
  notifications.show({ color: 'lake', title, message: '' });
};
