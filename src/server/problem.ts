import type { Fault, Problem } from '@contracts/faults';

/** A refusal that a person can act on; anything else is a fault of ours. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly faults: readonly Fault[] = [],
    readonly current?: Readonly<Record<string, unknown>> | undefined,
  ) {
    super(title);
  }
}

export const notFound = (what: string): Refusal => new Refusal(404, `${what} is not here.`);
export const forbidden = (): Refusal => new Refusal(403, 'Your role does not include this.');
export const invalid = (faults: readonly Fault[]): Refusal =>
  new Refusal(422, 'Some of this cannot be taken.', faults);
export const conflict = (title: string, faults: readonly Fault[] = []): Refusal =>
  new Refusal(409, title, faults);

/** The database does not answer: nobody did anything wrong, and it may be tried again. */
export const unreachable = (): Refusal =>
  new Refusal(
    503,
    'The database is not answering just now. Nothing on your screen is lost; try again in a moment.',
  );
/** Seconds after which somebody may try again, for `Retry-After`. */
export const RETRY_AFTER_S = 5;

/** A write over something newer: what changed since is named. */
export const stale = (changed: readonly Fault[], current?: Readonly<Record<string, unknown>>): Refusal =>
  new Refusal(
    409,
    'Somebody saved this in the meantime. Your change is still on the screen; look at what is new, then save again.',
    changed,
    current,
  );

export const problemOf = (refusal: Refusal): Problem => ({
  type: `about:blank#${refusal.status}`,
  title: refusal.title,
  status: refusal.status,
  faults: refusal.faults,
  ...(refusal.current ? { current: refusal.current } : {}),
});

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
/** True for the spelling of an id; anything else in an address is nothing of ours. */
export const isId = (text: string): boolean => UUID.test(text);
