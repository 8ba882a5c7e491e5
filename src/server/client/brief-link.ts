import { settleBriefCall } from '@contracts/client/settle-brief';
import { revokeBriefLinkCall } from '@contracts/client/revoke-brief-link';
import { makeBriefLinkCall } from '@contracts/client/make-brief-link';
import { type BriefField, briefAnswersSchema, readableAnswers } from '@contracts/own-brief';
import { unkeepable } from '@contracts/text';
import type { BriefLinkView, OwnBriefView } from '@contracts/client/brief-link-view';
import { faultsOf } from '@contracts/faults';
import { BLANK_OCCASION } from '@core/occasion';
import type { Database, Reader } from '@data/db';
import {
  addBriefLink,
  briefLinkOfToken,
  type BriefLinkRow,
  briefLinksOf,
  changeBriefLink,
  lockedBriefLink,
  stopUnsent,
} from '@data/client/brief-links';
import { changeClient, nameAndShop, putMeasure } from '@data/client/clients';
import { addOccasion } from '@data/client/occasions';
import { dropLinks } from '@data/outbox/letters';
import { addPhoto, countBriefPhotos, photosOfBriefs } from '@data/photo/photos';
import { note } from '../audit';
import { readPhoto } from '../photo/read-photo';
import { conflict, invalid, notFound, Refusal } from '../problem';
import { isSpent, spend } from '../limits';
import { counted, isToken, LINK_GONE } from '../private-links';
import { newToken, tokenHash } from '../private-token';
import { post } from '../outbox/outbox';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { addressOf } from './consents';
import { clientOf } from './profile';

const LINK_DAYS = 14;
const DAY_MS = 86_400_000;
const PHOTOS_MOST = 12;
const NOTES_MOST = 20_000;
const LINKS_SHOWN = 5;

/** Makes a private link for a client; the ones before it stop working. The token is answered once and never kept. */
export const makeBriefLink = serve(makeBriefLinkCall, {
  async run(context, { clientId }) {
    const { tx, actor, now } = context;
    // One after the other: of links made at the same moment the last one is open.
    const { row: person } = await clientOf(tx, actor.shopId, clientId, true);
    await dropLinks(tx, 'briefLinkId', await stopUnsent(tx, clientId, now));
    const token = newToken();
    const expiresAt = new Date(now.getTime() + LINK_DAYS * DAY_MS);
    const id = await addBriefLink(tx, { clientId, tokenHash: tokenHash(token), expiresAt, createdAt: now });
    const { name: shopName, zone } = await shopOf(tx, actor.shopId);
    const toAddress = await addressOf(tx, person);
    if (toAddress) {
      await post(
        tx,
        {
          shopId: actor.shopId,
          kind: 'own brief',
          toName: person.name,
          toAddress,
          subject: `Your next box from ${shopName}`,
          body: `Dear ${person.name.split(' ')[0]}, tell us what your next box should be for. It takes a few minutes, and you can come back to it:`,
          path: `/brief/${token}`,
          expiresAt,
          briefLinkId: id,
        },
        now,
      );
    }
    await note(context, 'make brief link', 'client', clientId);
    return { id, path: `/brief/${token}`, expiresOn: dayIn(zone, expiresAt) };
  },
});

export const revokeBriefLink = serve(revokeBriefLinkCall, {
  async run(context, { clientId, id }) {
    const { tx, actor, now } = context;
    await clientOf(tx, actor.shopId, clientId);
    await changeBriefLink(tx, clientId, id, { revokedAt: now });
    await dropLinks(tx, 'briefLinkId', [id]);
    await note(context, 'revoke brief link', 'client', clientId);
    return { id };
  },
});

/** Takes the chosen lines of a sent brief over into the client's page; the rest is left as it was. */
export const settleBrief = serve(settleBriefCall, {
  async run(context, { clientId, id, take }) {
    const { tx, actor, now } = context;
    const { row, profile } = await clientOf(tx, actor.shopId, clientId, true);
    const link = await lockedBriefLink(tx, clientId, id);
    if (!link?.sentAt) throw notFound('That brief');
    if (link.settledAt) throw conflict('Somebody went through this brief already.');
    const { answers: said, unread } = readableAnswers(link.draft);
    const { measures: _measures, ...stored } = profile;
    const chosen = (field: BriefField): boolean => take.includes(field) && said[field] !== undefined;
    const union = (before: readonly string[], after: readonly string[] | undefined): string[] => [
      ...new Set([...before, ...(after ?? [])]),
    ];
    const card = stored.colourCard;
    await changeClient(tx, clientId, {
      profile: {
        ...stored,
        goals: [...stored.goals],
        looseOver: [...stored.looseOver],
        moods: chosen('moods') ? [...(said.moods ?? [])] : [...stored.moods],
        cover: chosen('cover') ? [...(said.cover ?? [])] : [...stored.cover],
        allergies: chosen('allergies') ? union(stored.allergies, said.allergies) : [...stored.allergies],
        nevers: chosen('nevers') ? union(stored.nevers, said.nevers) : [...stored.nevers],
        limits: {
          ...stored.limits,
          avoidFibres: [...stored.limits.avoidFibres],
          avoidMetals: [...stored.limits.avoidMetals],
          ...(chosen('heelMaxMm') ? { heelMaxMm: said.heelMaxMm } : {}),
        },
        colourCard: {
          like: chosen('like') ? [...(said.like ?? [])] : [...card.like],
          avoid: chosen('avoid') ? [...(said.avoid ?? [])] : [...card.avoid],
          never: [...card.never],
        },
      },
      sizes: chosen('sizes') ? { ...row.sizes, ...said.sizes } : row.sizes,
      boxBudgetMinor: chosen('budgetMinor') ? (said.budgetMinor ?? null) : row.boxBudgetMinor,
      notes: [
        row.notes,
        chosen('notes') && said.notes,
        chosen('asks') && said.asks?.length && `Asked for: ${said.asks.join('; ')}`,
        unread.length > 0 && `From the brief, not taken over by itself: ${unread.join('; ')}`,
      ]
        .filter(Boolean)
        .join('\n')
        .slice(0, NOTES_MOST),
    });
    if (chosen('heightMm') && said.heightMm !== undefined)
      await putMeasure(tx, clientId, {
        name: 'heightMm',
        mm: said.heightMm,
        origin: 'given',
        takenAt: now,
      });
    if (chosen('occasions'))
      for (const { title, day } of said.occasions ?? [])
        await addOccasion(tx, {
          clientId,
          title,
          day: day ?? null,
          formalityLo: 2,
          formalityHi: 8,
          details: BLANK_OCCASION,
          createdAt: now,
        });
    await changeBriefLink(tx, clientId, id, { settledAt: now });
    await note(context, 'settle brief', 'client', clientId, { taken: take });
    return { id };
  },
});

/** The link a token opens; throws in words that say nothing of whether it ever existed. */
async function linkOf(db: Reader, token: string, now: Date, lock = false): Promise<BriefLinkRow> {
  if (!isToken(token)) throw new Refusal(404, LINK_GONE);
  const row = await briefLinkOfToken(db, tokenHash(token), lock);
  if (!row || row.revokedAt || row.settledAt || row.expiresAt <= now) throw new Refusal(404, LINK_GONE);
  return row;
}

/** What the private form shows: a first name and what was written, nothing else of the client's page. */
export async function ownBriefView(
  db: Database,
  token: string,
  address: string,
  now: Date,
): Promise<OwnBriefView> {
  const link = await guessed(db, token, address, now);
  const person = await nameAndShop(db, link.clientId);
  if (!person) throw new Refusal(404, LINK_GONE);
  return {
    shopName: person.shopName,
    tongue: { english: person.english, units: person.units },
    firstName: person.name.split(' ')[0] ?? '',
    currency: person.currency,
    answers: link.draft,
    sent: link.sentAt !== null,
    photos: await countBriefPhotos(db, link.id),
  };
}

/** The same, for somebody whose wrong tries are counted. */
const guessed = (db: Database, token: string, address: string, now: Date): Promise<BriefLinkRow> =>
  counted(address, () => linkOf(db, token, now));

const SENT = 'This brief was sent already. Thank you; your stylist has it.';

/** Keeps what the client wrote so far; with `send` it goes to the stylist and the form is done. */
export async function saveOwnBrief(
  db: Database,
  token: string,
  raw: unknown,
  address: string,
  now: Date,
): Promise<{ saved: true; sent: boolean }> {
  const open = await guessed(db, token, address, now);
  if (open.sentAt) throw new Refusal(409, SENT);
  const odd = unkeepable(raw);
  if (odd.length > 0) throw invalid(odd);
  const { answers, send, photoBase64, caption } = (raw ?? {}) as Record<string, unknown>;
  if (typeof photoBase64 === 'string')
    return savePicture(db, token, open.id, photoBase64, String(caption ?? '').slice(0, 120), now);
  const parsed = briefAnswersSchema.safeParse(answers ?? {});
  if (!parsed.success) throw invalid(faultsOf(parsed.error));
  if (send === true && Object.keys(parsed.data).length === 0)
    throw invalid([{ path: '(whole)', message: 'nothing is written yet' }]);
  return db.transaction(async (tx) => {
    const link = await linkOf(tx, token, now, true);
    if (link.sentAt) throw new Refusal(409, SENT);
    await changeBriefLink(tx, link.clientId, link.id, {
      draft: parsed.data,
      savedAt: now,
      sentAt: send === true ? now : null,
    });
    if (send === true) await dropLinks(tx, 'briefLinkId', [link.id]);
    return { saved: true as const, sent: send === true };
  });
}

/** A picture is decoded before anything is locked, and whoever sends what is none is soon told to wait. */
async function savePicture(
  db: Database,
  token: string,
  linkId: string,
  base64: string,
  caption: string,
  now: Date,
): Promise<{ saved: true; sent: false }> {
  if (await isSpent('picture', linkId))
    throw new Refusal(429, 'Too many files that are no pictures. Please wait ten minutes.');
  const tooMany = invalid([{ path: 'photo', message: `at most ${PHOTOS_MOST} photos` }]);
  if ((await countBriefPhotos(db, linkId)) >= PHOTOS_MOST) throw tooMany;
  const kept = await readPhoto(Buffer.from(base64, 'base64')).catch(async (error: unknown) => {
    await spend('picture', linkId);
    throw error;
  });
  return db.transaction(async (tx) => {
    const link = await linkOf(tx, token, now, true);
    if (link.sentAt) throw new Refusal(409, SENT);
    if ((await countBriefPhotos(tx, linkId)) >= PHOTOS_MOST) throw tooMany;
    const person = await nameAndShop(tx, link.clientId);
    if (!person) throw new Refusal(404, LINK_GONE);
    await addPhoto(tx, {
      ...kept,
      shopId: person.shopId,
      briefLinkId: link.id,
      caption,
      createdAt: now,
    });
    return { saved: true as const, sent: false as const };
  });
}

/** Links of a client as the stylist sees them, newest first: open ones, and sent ones to go through. */
export async function linksOf(
  db: Reader,
  { clientId, zone }: { readonly clientId: string; readonly zone: string },
  now: Date,
): Promise<BriefLinkView[]> {
  const rows = await briefLinksOf(db, clientId, LINKS_SHOWN);
  const photos = await photosOfBriefs(
    db,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => ({
    id: row.id,
    state: stateOf(row, now),
    expiresOn: dayIn(zone, row.expiresAt),
    answers: row.sentAt && !row.settledAt ? row.draft : undefined,
    photos: photos.filter(({ linkId }) => linkId === row.id).map(({ id, caption }) => ({ id, caption })),
  }));
}

function stateOf(row: BriefLinkRow, now: Date): BriefLinkView['state'] {
  if (row.settledAt) return 'settled';
  if (row.sentAt) return 'sent';
  if (row.revokedAt) return 'revoked';
  return row.expiresAt <= now ? 'expired' : 'open';
}
