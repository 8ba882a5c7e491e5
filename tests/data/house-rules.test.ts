import { shop as shopTable } from '@data/schema';
import { describe, expect, it } from 'vitest';
import { HOUSE_SCHOOLS } from '@core/client';
import { openShop } from '../support/open-shop';
import { callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();

describe('house rules', () => {
  it('are tuned by the owner alone, inside the bounds of each rule, and never over somebody else’s', async () => {
    const owner = await callerOf(shop.origin, 'owner');
    const { version } = sure((await shop.db.select().from(shopTable))[0]);
    const tuned = {
      version,
      settings: { C2: { thresholds: { pale: 6 } }, P16: { off: true } },
      schools: HOUSE_SCHOOLS,
    };
    expect((await shop.stylist.call('save-rules', tuned)).status).toBe(403);
    const wild = await owner.call('save-rules', {
      ...tuned,
      settings: { C2: { thresholds: { pale: 900 } } },
    });
    expect([wild.status, wild.problem.faults[0]?.path]).toEqual([422, 'settings.C2.thresholds.pale']);
    expect((await owner.call('save-rules', tuned)).answer).toEqual({ version: version + 1 });
    expect((await owner.call('save-rules', tuned)).status).toBe(409);
    expect(sure((await shop.db.select().from(shopTable))[0]).ruleSettings).toEqual(tuned.settings);
  });
  it('are shown to stylists, not to packers', async () => {
    const page = async (role: 'stylist' | 'packer'): Promise<number> =>
      (
        await fetch(`${shop.origin}/house-rules`, {
          headers: { cookie: (await callerOf(shop.origin, role)).cookie },
        })
      ).status;
    expect([await page('stylist'), await page('packer')]).toEqual([200, 403]);
  });
});
