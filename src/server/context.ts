import type { Role } from '@core/shop';
import type { Writer } from '@data/db';
import { forbidden, Refusal } from './problem';

export interface Actor {
  readonly id: string;
  readonly name: string;
  readonly email?: string | undefined;
  readonly role: Role;
  readonly shopId: string;
  /** The session a request came with. */
  readonly sessionId?: string | undefined;
}

/** Who does what nobody asked for: jobs, and what follows a restore. No account is named in the audit. */
export const theApp = (shopId: string): Actor => ({ id: '', name: 'the app', role: 'stylist', shopId });

/** Roles that may see measures, closets, photos and prices of a client. */
const PERSONAL_ROLES: readonly Role[] = ['owner', 'stylist'];

/** True for those who dress clients; whoever packs sees what a parcel needs. */
export const seesPersons = ({ role }: Actor): boolean => PERSONAL_ROLES.includes(role);

/** Measures, closets, photos and prices of clients are for those who dress them. */
export function stylistsOnly(actor: Actor): void {
  if (!seesPersons(actor)) throw forbidden();
}

/** A piece without its price, for whoever packs. */
export function forRole<P extends { readonly priceMinor?: number | undefined }>(actor: Actor, piece: P): P {
  if (seesPersons(actor)) return piece;
  const { priceMinor: _price, ...rest } = piece;
  return rest as P;
}

/** What a use case runs in: one transaction, one actor, one instant. */
export interface Context {
  readonly tx: Writer;
  readonly actor: Actor;
  readonly now: Date;
}

/** The actor of a page; the middleware lets nobody else through. */
export function signedIn({ actor }: { readonly actor: Actor | undefined }): Actor {
  if (!actor) throw new Refusal(401, 'Please sign in.');
  return actor;
}
