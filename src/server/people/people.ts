import { changePasswordCall } from '@contracts/people/change-password';
import { changeRoleCall } from '@contracts/people/change-role';
import { endAccountCall } from '@contracts/people/end-account';
import { endSessionsCall } from '@contracts/people/end-sessions';
import { invitePersonCall } from '@contracts/people/invite-person';
import { makeResetLinkCall } from '@contracts/people/make-reset-link';
import type { PeopleView } from '@contracts/people/people-view';
import { revokeInvitationCall } from '@contracts/people/revoke-invitation';
import { setTrainingCall } from '@contracts/people/set-training';
import type { Reader, Writer } from '@data/db';
import { giveAllBoxes } from '@data/box/handovers';
import { dropLinks } from '@data/outbox/letters';
import { changeInvitation, invitationsOf, lockedInvitation } from '@data/people/invitations';
import {
  changeUser,
  endSessionsOf,
  loadsOf,
  lockedOwners,
  lockedUser,
  sessionsOf,
  userOfEmail,
  usersOf,
} from '@data/people/users';
import { listed } from '@core/words';
import { note } from '../audit';
import { stylistOf } from '../box/stylists';
import type { Actor, Context } from '../context';
import { post } from '../outbox/outbox';
import { passwordFault } from '../password';
import { conflict, invalid, notFound } from '../problem';
import { signIn } from '../session';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { isOwnPassword, makeLink, setPassword, stateOf } from './links';

/** Who has an account, where they are signed in, and links that are under way. */
export async function peopleView(db: Reader, actor: Actor, now: Date): Promise<PeopleView> {
  const { zone } = await shopOf(db, actor.shopId);
  const people = await usersOf(db, actor.shopId);
  const sessions = await sessionsOf(db, actor.shopId, now);
  const loads = await loadsOf(db, actor.shopId);
  return {
    people: people.map(({ id, name, email, role, inTraining, endedAt }) => ({
      id,
      name,
      email,
      role,
      inTraining,
      endedOn: endedAt ? dayIn(zone, endedAt) : undefined,
      ...(loads.get(id) ?? NO_LOAD),
      sessions: (sessions.get(id) ?? []).map((own) => ({
        id: own.id,
        since: own.createdAt.toISOString(),
        lastSeen: own.updatedAt.toISOString(),
        device: deviceOf(own.userAgent),
      })),
    })),
    invitations: (await invitationsOf(db, actor.shopId, LINKS_SHOWN)).map((row) => ({
      id: row.id,
      kind: row.kind,
      name: row.name,
      email: row.email,
      role: row.role,
      state: stateOf(row, now),
      expiresOn: dayIn(zone, row.expiresAt),
    })),
  };
}

const LINKS_SHOWN = 40;
const NO_LOAD = { boxes: 0, rhythms: 0 } as const;

const DEVICES: readonly (readonly [RegExp, string])[] = [
  [/iPhone|Android.*Mobile/, 'a phone'],
  [/iPad|Android/, 'a tablet'],
  [/Windows/, 'a Windows computer'],
  [/Macintosh/, 'a Mac'],
  [/Linux/, 'a Linux computer'],
];
const deviceOf = (agent: string | null): string =>
  DEVICES.find(([pattern]) => pattern.test(agent ?? ''))?.[1] ?? 'a device that does not say';

/** An account of the shop, its row locked; an account of another shop is not here. */
async function personOf(tx: Writer, actor: Actor, id: string) {
  const found = await lockedUser(tx, id, actor.shopId);
  if (!found) throw notFound('That account');
  return found;
}

/** A shop keeps an owner: without one nobody could ask anybody in again. */
async function keepsAnOwner({ tx, actor }: Context, butFor: string): Promise<void> {
  // Every owner's row is locked, so that two do not leave by each other's leave.
  const owners = await lockedOwners(tx, actor.shopId);
  if (!owners.some((id) => id !== butFor))
    throw conflict('This is the only owner. Make somebody else an owner first.');
}

/** No box is left to nobody: whoever has open ones, or rhythms, gives them to somebody first. */
async function handOn(
  context: Context,
  person: { readonly id: string; readonly name: string },
  boxesTo: string | undefined,
  why: string,
): Promise<void> {
  const { tx, actor, now } = context;
  const { boxes, rhythms } = (await loadsOf(tx, actor.shopId)).get(person.id) ?? NO_LOAD;
  if (boxes + rhythms === 0) return;
  if (boxesTo === undefined || boxesTo === person.id)
    throw invalid([
      { path: 'boxesTo', message: `${person.name} has ${countOf(boxes, rhythms)}: say who takes them` },
    ]);
  // Who leaves, or styles no more, leaves no box to nobody.
  const to = await stylistOf(tx, actor.shopId, boxesTo, 'boxesTo');
  await giveAllBoxes(tx, { fromId: person.id, toId: to.id, note: why, actorId: actor.id, at: now });
}

const countOf = (boxes: number, rhythms: number): string =>
  listed([
    ...(boxes > 0 ? [boxes === 1 ? '1 open box' : `${boxes} open boxes`] : []),
    ...(rhythms > 0 ? [rhythms === 1 ? '1 client with a rhythm' : `${rhythms} clients with a rhythm`] : []),
  ]);

export const invitePerson = serve(invitePersonCall, {
  async run(context, { name, email, role }) {
    const { tx, actor, now } = context;
    const known = await userOfEmail(tx, email);
    if (known)
      throw invalid([
        {
          path: 'email',
          message:
            known.shopId === actor.shopId && known.endedAt
              ? 'has an account that was ended: open it again instead'
              : 'has an account already',
        },
      ]);
    const made = await makeLink(
      tx,
      { shopId: actor.shopId, kind: 'invite', name, email, role, userId: null, createdBy: actor.id },
      now,
    );
    await note(context, 'invite', 'user', email.toLowerCase(), { role });
    const { name: shopName } = await shopOf(tx, actor.shopId);
    return linkAnswer(context, made, {
      kind: 'invite',
      toName: name,
      toAddress: email,
      subject: `Your account at ${shopName}`,
      body: `${actor.name} invites you to work with ${shopName} as ${role === 'owner' ? 'an owner' : `a ${role}`}. Open this to choose a password:`,
    });
  },
});

/** The link is answered once, and lies in the outbox with the letter it belongs to. */
async function linkAnswer(
  { tx, actor, now }: Context,
  { id, path, expiresAt }: Awaited<ReturnType<typeof makeLink>>,
  letter: Pick<Parameters<typeof post>[1], 'kind' | 'toName' | 'toAddress' | 'subject' | 'body'>,
) {
  const { zone } = await shopOf(tx, actor.shopId);
  await post(tx, { ...letter, shopId: actor.shopId, path, expiresAt, invitationId: id }, now);
  return { people: await peopleView(tx, actor, now), path, expiresOn: dayIn(zone, expiresAt) };
}

export const makeResetLink = serve(makeResetLinkCall, {
  async run(context, { userId }) {
    const { tx, actor, now } = context;
    const person = await personOf(tx, actor, userId);
    if (person.endedAt) throw conflict('This account was ended: open it again first.');
    const made = await makeLink(
      tx,
      {
        shopId: actor.shopId,
        kind: 'reset',
        name: person.name,
        email: person.email,
        role: person.role,
        userId,
        createdBy: actor.id,
      },
      now,
    );
    await note(context, 'make reset link', 'user', userId);
    const { name: shopName } = await shopOf(tx, actor.shopId);
    return linkAnswer(context, made, {
      kind: 'reset',
      toName: person.name,
      toAddress: person.email,
      subject: `A new password for ${shopName}`,
      body: `Open this to choose a new password for ${shopName}. If you didn’t ask for one, leave it and tell ${actor.name}:`,
    });
  },
});

export const revokeInvitation = serve(revokeInvitationCall, {
  async run(context, { id }) {
    const { tx, actor, now } = context;
    const link = await lockedInvitation(tx, actor.shopId, id);
    if (!link || link.usedAt || link.revokedAt) throw notFound('That link');
    await changeInvitation(tx, id, { revokedAt: now });
    await dropLinks(tx, 'invitationId', [id]);
    await note(context, 'stop link', 'invitation', id);
    return peopleView(tx, actor, now);
  },
});

export const changeRole = serve(changeRoleCall, {
  async run(context, { userId, role, boxesTo }) {
    const { tx, actor, now } = context;
    if (role !== 'owner') await keepsAnOwner(context, userId);
    const person = await personOf(tx, actor, userId);
    if (role === 'packer') await handOn(context, person, boxesTo, `${person.name} packs now.`);
    await changeUser(tx, userId, {
      role,
      updatedAt: now,
      ...(role === 'packer' ? { inTraining: false } : {}),
    });
    await note(context, 'change role', 'user', userId, { from: person.role, to: role });
    return peopleView(tx, actor, now);
  },
});

export const setTraining = serve(setTrainingCall, {
  async run(context, { userId, inTraining }) {
    const { tx, actor, now } = context;
    const person = await personOf(tx, actor, userId);
    if (inTraining && person.role === 'packer')
      throw invalid([{ path: 'inTraining', message: 'a packer has nothing to practise' }]);
    await changeUser(tx, userId, { inTraining, updatedAt: now });
    await note(context, inTraining ? 'begin training' : 'end training', 'user', userId);
    return peopleView(tx, actor, now);
  },
});

export const endAccount = serve(endAccountCall, {
  async run(context, { userId, ended, boxesTo }) {
    const { tx, actor, now } = context;
    if (ended) await keepsAnOwner(context, userId);
    const person = await personOf(tx, actor, userId);
    if (ended) await handOn(context, person, boxesTo, `${person.name} has left.`);
    await changeUser(tx, userId, { endedAt: ended ? now : null, updatedAt: now });
    if (ended) await endSessionsOf(tx, userId);
    await note(context, ended ? 'end account' : 'open account', 'user', userId);
    return peopleView(tx, actor, now);
  },
});

export const endSessions = serve(endSessionsCall, {
  async run(context, { userId, sessionId }) {
    const { tx, actor, now } = context;
    await personOf(tx, actor, userId);
    await endSessionsOf(tx, userId, { only: sessionId });
    await note(context, 'end sessions', 'user', userId);
    return peopleView(tx, actor, now);
  },
});

export const changePassword = serve(changePasswordCall, {
  async run(context, { current, password }) {
    const { tx, actor } = context;
    // One change after the other: of two that know the old password the later one is told it is none any more.
    await personOf(tx, actor, actor.id);
    if (!(await isOwnPassword(tx, signIn(), actor.id, current)))
      throw invalid([{ path: 'current', message: 'not your password' }]);
    const shop = await shopOf(tx, actor.shopId);
    const weak = passwordFault(password, [shop.name, shop.town, actor.name, actor.email ?? '']);
    if (weak) throw invalid([{ path: 'password', message: weak }]);
    await setPassword(tx, signIn(), actor.id, password);
    // Whoever else is signed in as this person is so no more; the place it was changed from stays.
    const ended = await endSessionsOf(tx, actor.id, { butFor: actor.sessionId });
    await note(context, 'change password', 'user', actor.id);
    return { ended };
  },
});
