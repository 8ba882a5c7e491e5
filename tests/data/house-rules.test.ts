import { shop } from '@data/schema';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { HOUSE_SCHOOLS } from '@core/look';
import { freshDatabase, type TestDatabase } from '../support/database';
import { callerOf, startServer, type TestServer } from '../support/server';

let base: TestDatabase;
let server: TestServer;
beforeAll(async () => {
  base = await freshDatabase();
  server = await startServer(base.url);
});
afterAll(async () => {
  await server.stop();
  await base.close();
});

describe('house rules', () => {
  it('are tuned by the owner alone, inside the bounds of each rule, and never over somebody else’s', async () => {
    const [owner, stylist] = [
      await callerOf(server.origin, 'owner'),
      await callerOf(server.origin, 'stylist'),
    ];
    const { version } = (await base.db.select().from(shop))[0]!;
    const tuned = {
      version,
      settings: { C2: { thresholds: { pale: 6 } }, P16: { off: true } },
      schools: HOUSE_SCHOOLS,
    };
    expect((await stylist.call('save-rules', tuned)).status).toBe(403);
    const wild = await owner.call('save-rules', {
      ...tuned,
      settings: { C2: { thresholds: { pale: 900 } } },
    });
    expect([wild.status, wild.problem.faults[0]?.path]).toEqual([422, 'settings.C2.thresholds.pale']);
    expect((await owner.call('save-rules', tuned)).answer).toEqual({ version: version + 1 });
    expect((await owner.call('save-rules', tuned)).status).toBe(409);
    expect((await base.db.select().from(shop))[0]!.ruleSettings).toEqual(tuned.settings);
  });
  it('are shown to stylists, not to packers', async () => {
    const page = async (role: 'stylist' | 'packer'): Promise<number> =>
      (
        await fetch(`${server.origin}/house-rules`, {
          headers: { cookie: (await callerOf(server.origin, role)).cookie },
        })
      ).status;
    expect([await page('stylist'), await page('packer')]).toEqual([200, 403]);
  });
});
