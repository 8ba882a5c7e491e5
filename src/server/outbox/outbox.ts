import { openLetterCall } from '@contracts/outbox/open-letter';
import type { LetterOutView, OutboxView } from '@contracts/outbox/outbox-view';
import { settleLetterCall } from '@contracts/outbox/settle-letter';
import type { Reader, Writer } from '@data/db';
import {
  addLetter,
  dropLetter,
  dropOldLetters,
  lettersOf,
  type LetterRow,
  lockedLetter,
  markSent,
} from '@data/outbox/letters';
import { note } from '../audit';
import type { Actor } from '../context';
import { conflict, notFound } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { seal, unseal } from './seal';

type NewLetter = Pick<LetterRow, 'shopId' | 'kind' | 'toName' | 'toAddress' | 'expiresAt'> &
  Partial<Pick<LetterRow, 'invitationId' | 'briefLinkId' | 'boxLinkId'>> & {
    readonly subject: string;
    /** What it says above its link. */
    readonly body: string;
    readonly path: string;
  };

/** Lays a letter in the outbox: a stand-in for a mailer, from which the owner sends it by hand. */
export async function post(tx: Writer, { path, ...letter }: NewLetter, now: Date): Promise<void> {
  await addLetter(tx, { ...letter, link: seal(path), createdAt: now });
}

/** A letter says where somebody lives on the net: it is kept no longer than it may be asked about. */
const LETTER_KEPT_MS = 90 * 86_400_000;

/** Links that are too old to open anything, and letters that nobody will ask about. */
export const dropOldLinks = (tx: Writer, now: Date): Promise<void> =>
  dropOldLetters(tx, new Date(now.getTime() - LETTER_KEPT_MS), now);

const LETTERS_SHOWN = 60;

/** The newest letters of a shop, without their text. */
export async function outboxView(db: Reader, actor: Actor, now: Date): Promise<OutboxView> {
  const { zone } = await shopOf(db, actor.shopId);
  const rows = await lettersOf(db, actor.shopId, LETTERS_SHOWN);
  return {
    letters: rows.map((row) => ({
      id: row.id,
      kind: row.kind,
      toName: row.toName,
      toAddress: row.toAddress,
      subject: row.subject,
      day: dayIn(zone, row.createdAt),
      state: stateOf(row, now),
    })),
  };
}

function stateOf({ link, expiresAt, sentAt }: LetterRow, now: Date): LetterOutView['state'] {
  if (link === null || expiresAt <= now) return 'over';
  return sentAt ? 'sent' : 'to send';
}

async function letterOf(tx: Writer, shopId: string, id: string): Promise<LetterRow> {
  const row = await lockedLetter(tx, shopId, id);
  if (!row) throw notFound('That letter');
  return row;
}

export const openLetter = serve(openLetterCall, {
  async run(context, { id }) {
    const { tx, actor, now } = context;
    const row = await letterOf(tx, actor.shopId, id);
    const path = row.link === null || row.expiresAt <= now ? undefined : unseal(row.link);
    if (path === undefined)
      throw conflict('Its link was used, was stopped or is too old. Make a new one where it came from.');
    await note(context, 'open letter', 'outbox', id);
    return { text: row.body, path };
  },
});

export const settleLetter = serve(settleLetterCall, {
  async run(context, { id, as }) {
    const { tx, actor, now } = context;
    await letterOf(tx, actor.shopId, id);
    if (as === 'sent') await markSent(tx, id, now);
    else await dropLetter(tx, id);
    await note(context, as === 'sent' ? 'letter sent' : 'letter thrown away', 'outbox', id);
    return outboxView(tx, actor, now);
  },
});
