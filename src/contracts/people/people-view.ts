import type { Role } from '@core/shop';

/** Somebody with an account of the shop. */
export interface PersonView {
  readonly id: string;
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  readonly inTraining: boolean;
  /** Day the account was ended; absent while it is open. */
  readonly endedOn?: string | undefined;
  readonly sessions: readonly SessionView[];
  /** Open boxes, and clients with a rhythm, that somebody else takes when this person leaves. */
  readonly boxes: number;
  readonly rhythms: number;
}

export interface SessionView {
  readonly id: string;
  readonly since: string;
  readonly lastSeen: string;
  /** What it was opened with, in a few words. */
  readonly device: string;
}

/** A link that lets somebody in once: to a new account, or to a new password. */
export interface InvitationView {
  readonly id: string;
  readonly kind: 'invite' | 'reset';
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  readonly state: 'open' | 'used' | 'revoked' | 'expired';
  readonly expiresOn: string;
}

export interface PeopleView {
  readonly people: readonly PersonView[];
  readonly invitations: readonly InvitationView[];
}

/** Answered once and never kept: whoever has the path may use it. */
export interface LinkAnswer {
  readonly people: PeopleView;
  readonly path: string;
  readonly expiresOn: string;
}
