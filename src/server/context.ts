import type { Writer } from '@data/db';
import type { Role } from '@data/schema';

export interface Actor {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly shopId: string;
}

/** What a use case runs in: one transaction, one actor, one instant. */
export interface Context {
  readonly tx: Writer;
  readonly actor: Actor;
  readonly now: Date;
}
