import type { CallName } from '@contracts/calls';
import * as served from './served';
import type { Served } from './use-case';

type Exported = (typeof served)[keyof typeof served];
type ServedName = Exported extends infer E
  ? E extends { readonly call: { readonly name: infer N }; readonly run: unknown }
    ? N
    : never
  : never;
/** Does not compile while a declared call has no work behind it. */
type AllServed = Exclude<CallName, ServedName> extends never ? true : Exclude<CallName, ServedName>;
true satisfies AllServed;

const isServed = (exported: unknown): exported is Served =>
  typeof exported === 'object' && exported !== null && 'call' in exported && 'run' in exported;

/** Every call the API answers, by name: `/api/<name>`. */
export const SERVED: ReadonlyMap<string, Served> = new Map(
  Object.values<unknown>(served)
    .filter(isServed)
    .map((each) => [each.call.name, each]),
);
