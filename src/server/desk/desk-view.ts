import { comesBack, isOpen } from '@core/box';
import { deskActions, type DeskBox } from '@core/schedule';
import { firstSteps } from '@core/shop';
import type { DeskView } from '@contracts/box/desk-view';
import { firstDays, openBoxes } from '@data/box/boxes';
import { alterationsOf, linesIn } from '@data/box/lines';
import type { Database } from '@data/db';
import { begunOf } from '@data/shop/begun';
import { holdsOf, releaseExpired } from '@data/stock/holds';
import { dueWith } from '../box/due';
import { alteringDays, waitsForParcel } from '../box/lines';
import { type Actor, seesPersons } from '../context';
import { dayIn, shopOf } from '../shop/settings';
import { practiceToday } from '../practice/practice';
import { openProposals } from '../stock/ledger';

/** What is to be done next in the shop, for whoever looks. */
export async function deskView(db: Database, actor: Actor, now: Date): Promise<DeskView> {
  const shop = await shopOf(db, actor.shopId);
  const today = dayIn(shop.zone, now);
  await db.transaction((tx) => releaseExpired(tx, now));
  const rows = await openBoxes(db, actor.shopId);
  const sees = seesPersons(actor);
  const ids = rows.map((row) => row.box.id);
  const proposals = actor.role === 'owner' ? await openProposals(db, actor, shop.zone) : [];
  const practice = await practiceToday(db, actor, shop, now);
  const first = firstSteps(await begunOf(db, actor.shopId), actor.role);
  if (ids.length === 0)
    return {
      today,
      me: sees ? actor.name : undefined,
      actions: [],
      open: 0,
      proposals,
      firstSteps: first,
      practice,
    };
  const days = await firstDays(db, ids);
  const lines = await linesIn(db, ids);
  const lineIds = lines.map((line) => line.id);
  const holds = await holdsOf(db, lineIds);
  const jobs = await alterationsOf(db, lineIds);
  // Sizes that an open box has a line of and no unit: whoever pulled it waits for the next one.
  const inOpenBox = new Set(rows.filter(({ box: row }) => isOpen(row.state)).map(({ box: row }) => row.id));
  const waitedFor = new Set(
    lines
      .filter((line) => inOpenBox.has(line.boxId) && !holds.some(({ boxLineId }) => boxLineId === line.id))
      .map(({ variantId }) => variantId),
  );
  const facts = rows.map(({ box: row, name, stylist }): DeskBox => {
    const own = lines.filter((line) => line.boxId === row.id);
    const held = holds.filter((each) => own.some((line) => line.id === each.boxLineId));
    const altering = alteringDays(jobs.filter((job) => own.some((line) => line.id === job.boxLineId)));
    // A hold is asked about only when somebody else waits for its unit.
    const soonest = held
      .flatMap(({ expiresAt, variantId }) => (expiresAt && waitedFor.has(variantId) ? [expiresAt] : []))
      .sort((a, b) => a.getTime() - b.getTime())[0];
    return {
      id: row.id,
      number: row.number,
      client: name,
      state: row.state,
      stylist: sees ? stylist : undefined,
      wantedBy: row.wantedBy ?? undefined,
      due: dueWith(days.get(row.id), row, shop, altering),
      decideBy: row.decideBy ?? undefined,
      holdUntil: soonest ? dayIn(shop.zone, soonest) : undefined,
      heldLines: held.length,
      toCheckIn: own.filter((line) => comesBack(line.decision) && !line.checkedInAt).length,
      toSend: own.filter((line) => waitsForParcel({ line })).length,
      undecided: own.filter((line) => line.decision === 'undecided').length,
    };
  });
  const actions = deskActions(facts, today);
  return {
    today,
    // Whoever packs sees what is to be packed, sent and checked in.
    me: sees ? actor.name : undefined,
    actions: sees ? actions : actions.filter(({ step, deed }) => step === 'out' || deed === 'check-in'),
    open: rows.length,
    proposals,
    firstSteps: first,
    practice,
  };
}
