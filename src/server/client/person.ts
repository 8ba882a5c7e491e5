import { eraseClientCall } from '@contracts/client/erase-client';
import { exportClientCall } from '@contracts/client/export-client';
import { closetJson } from '@contracts/closet-file';
import type { ChangeView } from '@contracts/client/client-view';
import type { Reader } from '@data/db';
import { pieceOfOwned } from '@data/pieces';
import { deedsOnClient } from '@data/audit';
import { boxesOfClient, linesWithTitles, openBoxNumbers } from '@data/box/boxes';
import { passesWithReasons } from '@data/box/passes';
import { briefLinksOf } from '@data/client/brief-links';
import { measuresOf } from '@data/client/clients';
import { everythingOwned } from '@data/client/closet';
import { erasePerson } from '@data/client/eraser';
import { occasionRows } from '@data/client/occasions';
import { note } from '../audit';
import { conflict } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { consentsOf } from './consents';
import { clientOf } from './profile';
import { rhythmOf } from './rhythms';

/** Everything the shop holds of one client, as one JSON document to hand over. */
export const exportClient = serve(exportClientCall, {
  async run(context, { clientId }) {
    const { tx, actor, now } = context;
    const { row, profile } = await clientOf(tx, actor.shopId, clientId);
    const shop = await shopOf(tx, actor.shopId);
    const measures = await measuresOf(tx, clientId);
    const owned = await everythingOwned(tx, clientId);
    const boxes = await boxesOfClient(tx, clientId);
    const ids = boxes.map(({ id }) => id);
    const lines = await linesWithTitles(tx, ids);
    const passed = await passesWithReasons(tx, ids);
    const whole = {
      format: 'ivory-rail/client@1',
      exportedAt: now.toISOString(),
      name: row.name,
      about: row.about,
      email: row.email,
      phone: row.phone,
      address: row.address,
      sizes: row.sizes,
      profile: { ...profile, measures: undefined },
      measures: measures.map(({ name, mm, origin, takenAt }) => ({ name, mm, origin, takenAt })),
      budget: { boxMinor: row.boxBudgetMinor, pieceMinor: row.pieceBudgetMinor },
      notes: row.notes,
      closet: JSON.parse(
        closetJson(
          owned.map((each) => ({
            piece: pieceOfOwned(each),
            assumed: each.assumed,
            loved: each.loved,
            wornWeekly: each.wornWeekly,
          })),
        ),
      ) as unknown,
      occasions: await occasionRows(tx, clientId),
      boxes: boxes.map((each) => ({
        number: each.number,
        state: each.state,
        outAt: each.outAt,
        mood: each.mood,
        notToSend: each.notToSend,
        letter: each.letter,
        notesNext: each.notesNext,
        lines: lines
          .filter(({ line }) => line.boxId === each.id)
          .map(({ line, title, size }) => ({
            title,
            size,
            decision: line.decision,
            reason: line.reason,
            note: line.note,
            priceMinor: line.priceMinor,
            passed: passed
              .filter(({ boxLineId }) => boxLineId === line.id)
              .map(({ code, about, reason, at }) => ({ code, about, reason, at })),
          })),
      })),
      ...(await consentsOf(tx, row, shop)),
      rhythm: (await rhythmOf(tx, shop, clientId)) ?? null,
      ownBriefs: (await briefLinksOf(tx, clientId)).map(({ draft, sentAt }) => ({ answers: draft, sentAt })),
    };
    await note(context, 'export', 'client', clientId);
    return { fileName: `client-${clientId.slice(0, 8)}.json`, json: JSON.stringify(whole, null, 2) };
  },
});

/**
 * Erases a person: name, addresses, measures, closet, photos, limits, occasions, letters and notes. What a shop
 * must keep for its books (box numbers, lines, prices, tax, payments, stock movements) stays, without a name.
 */
export const eraseClient = serve(eraseClientCall, {
  async run(context, { clientId, name }) {
    const { tx, actor, now } = context;
    const { row } = await clientOf(tx, actor.shopId, clientId, true);
    if (row.name !== name) throw conflict('The name does not match; nothing was erased.');
    const open = await openBoxNumbers(tx, clientId);
    if (open.length > 0) throw conflict(`Box ${open.join(', ')} is still open; close or cancel it first.`);
    const kept = await erasePerson(tx, clientId, now);
    await note(context, 'erase', 'client', clientId, { boxes: kept });
    return { kept };
  },
});

/** What was done to a client's page, when and by whom, newest first; never what was written. */
export async function changesOf(
  db: Reader,
  shopId: string,
  clientId: string,
  zone: string,
): Promise<ChangeView[]> {
  const rows = await deedsOnClient(db, shopId, clientId, CHANGES_SHOWN);
  return rows.map(({ action, entity, at, by }) => ({
    action,
    entity,
    day: dayIn(zone, at),
    by: by ?? 'the app',
  }));
}
const CHANGES_SHOWN = 40;
