import { asSettings } from '@contracts/rule-settings';
import type { HouseRulesView } from '@contracts/views';
import { judge } from '@core/look';
import type { Reader } from '@data/db';
import { box, look, shop } from '@data/schema';
import { and, desc, eq, inArray, sql } from 'drizzle-orm';
import { note } from '../audit';
import { boxView } from '../box/load';
import { type Actor, stylistsOnly } from '../context';
import { piecesOf } from '@contracts/look-pieces';
import { stale } from '../problem';
import { shopOf, shopView } from '../shop/settings';
import { defineUseCase } from '../use-case';

/** Looks that a change of a rule is shown on, and over which it is counted how often a rule spoke. */
const LOOKS_SHOWN = 3;
const BOXES_COUNTED = 12;

export const saveRules = defineUseCase({
  name: 'save-rules',
  roles: ['owner'],
  writes: true,
  async run(context, { version, settings, schools }) {
    const { tx, actor } = context;
    const row = await shopOf(tx, actor.shopId);
    if (row.version !== version)
      throw stale([{ path: 'rules', message: 'the house rules were saved elsewhere' }]);
    await tx
      .update(shop)
      .set({ ruleSettings: asSettings(settings), schools, version: sql`${shop.version} + 1` })
      .where(eq(shop.id, actor.shopId));
    await note(context, 'tune rules', 'shop', actor.shopId, { changed: Object.keys(settings) });
    return { version: version + 1 };
  },
});

/** The house rules with how often each spoke and was overruled, and three looks to see a change on. */
export async function houseRulesView(db: Reader, actor: Actor, now: Date): Promise<HouseRulesView> {
  stylistsOnly(actor);
  const row = await shopOf(db, actor.shopId);
  const boxes = await db
    .select({ id: box.id, number: box.number })
    .from(box)
    .where(and(eq(box.shopId, actor.shopId), inArray(box.id, db.select({ id: look.boxId }).from(look))))
    .orderBy(desc(box.number))
    .limit(BOXES_COUNTED);
  const spoke: Record<string, number> = {};
  const overruled: Record<string, number> = {};
  const looks: HouseRulesView['looks'][number][] = [];
  for (const { id } of boxes) {
    const view = await boxView(db, actor, id, now);
    for (const each of view.looks) {
      const pieces = piecesOf(view, each.pieces);
      const occasion = view.occasions.find((one) => one.id === each.occasionId)?.occasion;
      const client = view.client.profile;
      const verdict = judge(pieces, { client, occasion, shopSchools: row.schools }, row.ruleSettings);
      for (const rule of new Set(verdict.findings.map((finding) => finding.rule)))
        spoke[rule] = (spoke[rule] ?? 0) + 1;
      for (const { rule } of each.overrules) overruled[rule] = (overruled[rule] ?? 0) + 1;
      if (looks.length < LOOKS_SHOWN && verdict.complete)
        looks.push({ title: `${each.title || 'A look'}, box ${view.number}`, pieces, client, occasion });
    }
  }
  return { version: row.version, shop: shopView(row), spoke, overruled, looks };
}
