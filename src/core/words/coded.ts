import type { Tongue } from './tongue';

/** Something found, as data: what it is, in a code of a table of words, with what its words want. Never a sentence. */
export interface Coded {
  readonly code: string;
  readonly params?: Readonly<Record<string, unknown>> | undefined;
}

/** How each code of a table is said to one reader or speaker; every code has parameters of its own. */
export type CodedWords<By = Tongue> = Readonly<Record<string, (params: never, by: By) => string>>;

type ParamsOf<W> = W extends (params: infer P, ...rest: never[]) => string ? P : never;
type WithParams<P> = [P] extends [never]
  ? { readonly params?: undefined }
  : unknown extends P
    ? { readonly params?: undefined }
    : { readonly params: P };

/** What a table of words may say: a code of it, with the parameters its words want. */
export type CodedBy<W extends CodedWords<never>> = {
  [C in keyof W & string]: { readonly code: C } & WithParams<ParamsOf<W[C]>>;
}[keyof W & string];

/** Declares a table of words; keeps what each code wants in the type. */
export const coded = <W extends CodedWords>(words: W): W => words;

/** What is said of a code, to one reader or by one speaker. @throws RangeError for a code without words */
export function saidOf<By>(words: CodedWords<NoInfer<By>>, { code, params }: Coded, by: By): string {
  const word = words[code];
  if (!word) throw new RangeError(`no words for ${code}`);
  return word((params ?? {}) as never, by);
}
