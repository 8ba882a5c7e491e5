import type { Answer, CallName, Input } from '@contracts/calls';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { call } from './api';

interface Options<N extends CallName> {
  /** What the page came with: nothing is fetched until something asks for it anew. */
  readonly initial?: Answer<N> | undefined;
  /** Whatever else the answer hangs on: when it changes, the question is asked again. */
  readonly since?: unknown;
  /** The page does without an answer, and says nothing of a refusal. */
  readonly quiet?: boolean;
}

/**
 * What a reading call answers, under a root with `withQueries`. The newest question wins, whichever answer is the slower; the
 * last answer stays until there is a newer one. Undefined input asks nothing.
 */
export function useAsked<N extends CallName>(
  name: N,
  input: Input<N> | undefined,
  { initial, since, quiet = false }: Options<N> = {},
) {
  const { data, refetch, isPlaceholderData } = useQuery<Answer<N>>({
    queryKey: [name, input, since],
    queryFn: () => call(name, input as Input<N>),
    enabled: input !== undefined,
    placeholderData: keepPreviousData as never,
    initialData: initial as never,
    meta: { quiet },
  });
  return {
    answer: data,
    /** The answer is that of an earlier question. */
    isOlder: isPlaceholderData,
    /** Asks again; resolves when the answer is here. */
    again: async (): Promise<void> => void (await refetch()),
  };
}
