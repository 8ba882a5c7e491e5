import type { z } from 'zod';
import type { Call } from './call';
import * as declared from './declared';

type Exported = (typeof declared)[keyof typeof declared];
type AnyCall = Extract<Exported, Call>;
export type CallName = AnyCall['name'];
export type CallOf<N extends CallName> = Extract<AnyCall, { readonly name: N }>;

type DeepReadonly<T> = T extends (infer E)[]
  ? readonly DeepReadonly<E>[]
  : T extends object
    ? { readonly [K in keyof T]: DeepReadonly<T[K]> }
    : T;
/** What a caller sends; the work gets `Parsed`, with defaults filled in. */
export type Input<N extends CallName> = DeepReadonly<z.input<CallOf<N>['input']>>;
export type Parsed<N extends CallName> = z.output<CallOf<N>['input']>;
export type Answer<N extends CallName> = CallOf<N> extends Call<N, z.ZodType, infer A> ? A : never;

const isCall = (exported: unknown): exported is AnyCall =>
  typeof exported === 'object' && exported !== null && 'name' in exported && 'answer' in exported;

/** Every call there is, by name. */
export const CALLS: ReadonlyMap<CallName, AnyCall> = new Map(
  Object.values(declared)
    .filter(isCall)
    .map((call) => [call.name, call]),
);
