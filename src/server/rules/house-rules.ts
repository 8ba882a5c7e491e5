import { saveTongueCall } from '@contracts/shop/save-tongue';
import { savePullSettingsCall } from '@contracts/shop/save-pull-settings';
import { saveRulesCall } from '@contracts/shop/save-rules';
import { asSettings } from '@contracts/rule-settings';
import type { HouseRulesView } from '@contracts/shop/house-rules-view';
import { judge } from '@core/look';
import type { Reader } from '@data/db';
import { boxesWithLooks } from '@data/box/boxes';
import { ruleCounts } from '@data/box/looks';
import { changeShop } from '@data/shop/shops';
import { note } from '../audit';
import { boxView } from '../box/box-view';
import { type Actor, stylistsOnly } from '../context';
import { piecesOf } from '@contracts/look-pieces';
import { stale } from '../problem';
import { shopOf, shopView } from '../shop/settings';
import { serve } from '../use-case';

/** Looks that a change of a rule is shown on. */
const LOOKS_SHOWN = 3;

export const saveRules = serve(saveRulesCall, {
  async run(context, { version, settings, schools }) {
    const { tx, actor } = context;
    const row = await shopOf(tx, actor.shopId, true);
    if (row.version !== version)
      throw stale([{ path: 'rules', message: 'the house rules were saved elsewhere' }], {
        version: row.version,
        settings: row.ruleSettings,
        schools: row.schools,
      });
    await changeShop(tx, actor.shopId, { ruleSettings: asSettings(settings), schools });
    await note(context, 'tune rules', 'shop', actor.shopId, { changed: Object.keys(settings) });
    return { version: version + 1 };
  },
});

/** The house rules with how often each spoke and was overruled, and three looks to see a change on. */
export async function houseRulesView(db: Reader, actor: Actor, now: Date): Promise<HouseRulesView> {
  stylistsOnly(actor);
  const row = await shopOf(db, actor.shopId);
  const boxes = await boxesWithLooks(db, actor.shopId, LOOKS_SHOWN);
  const looks: HouseRulesView['looks'][number][] = [];
  for (const { id } of boxes) {
    const view = await boxView(db, actor, id, now);
    for (const each of view.looks) {
      const pieces = piecesOf(view, each.pieces);
      const occasion = view.occasions.find((one) => one.id === each.occasionId)?.occasion;
      const client = view.client.profile;
      if (looks.length < LOOKS_SHOWN && judge(pieces, { client, occasion }).complete)
        looks.push({ title: `${each.title || 'A look'}, box ${view.number}`, pieces, client, occasion });
    }
  }
  return { version: row.version, shop: shopView(row), ...(await ruleCounts(db, actor.shopId)), looks };
}

/** How the shop ranks what it pulls, and whether an altered piece may come back. */
export const savePullSettings = serve(savePullSettingsCall, {
  async run(context, { version, settings, alteredMayReturn }) {
    const { tx, actor } = context;
    const row = await shopOf(tx, actor.shopId, true);
    if (row.version !== version)
      throw stale([{ path: 'settings', message: 'the settings were saved elsewhere' }], {
        version: row.version,
        settings: row.pullSettings,
        alteredMayReturn: row.alteredMayReturn,
      });
    await changeShop(tx, actor.shopId, { pullSettings: settings, alteredMayReturn });
    await note(context, 'tune pulling', 'shop', actor.shopId, { ownInterest: settings.ownInterest });
    return { version: version + 1 };
  },
});

/** Which English the shop speaks, and how it shows lengths. */
export const saveTongue = serve(saveTongueCall, {
  async run(context, { version, english, units }) {
    const { tx, actor } = context;
    const row = await shopOf(tx, actor.shopId, true);
    if (row.version !== version)
      throw stale([{ path: 'english', message: 'the settings were saved elsewhere' }], {
        version: row.version,
        english: row.english,
        units: row.units,
      });
    await changeShop(tx, actor.shopId, { english, units });
    await note(context, 'choose how we speak', 'shop', actor.shopId, { english, units });
    return { version: version + 1 };
  },
});
