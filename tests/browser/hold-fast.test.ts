import { box, client, limitPass } from '@data/schema';
import { eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, withFibres } from '../support/making';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { openPage, settled, signInAs } from './chromium';
import { click, byMouse } from './person';
import { sure } from '../support/sure';

const shop = openShopPage();

describe('two people change one client', () => {
  it('both are shown, merged field by field, and nothing is lost', async () => {
    const { page, person } = shop;
    const clientId = await makeClient(
      shop.stylist,
      { allergies: ['wool'], limits: { heelMaxMm: 40 } },
      'Two Hands',
    );
    await person.go(`/clients/${clientId}`);
    await person.press('button', 'Edit');
    await person.fill('textbox', 'About, in a line', 'Sings on Fridays');
    await person.fill('textbox', 'Notes', 'rings twice');
    await shop.stylist.call('save-client', {
      id: clientId,
      version: 1,
      name: 'Two Hands',
      measures: {},
      notes: 'ask for Bo',
      profile: { allergies: ['wool', 'latex'], limits: { heelMaxMm: 30 } },
    });
    await person.press('button', 'Save');
    await person.see('Somebody saved this in the meantime');
    await person.see('You both changed these');
    await person.see('Theirs: ask for Bo');
    await person.see('allergies: wool, latex');
    await page.setBypassCSP(true);
    await person.press('radio', 'Theirs: ask for Bo');
    await person.press('button', 'Save both changes');
    await person.see('Sings on Fridays');
    const [row] = await shop.db.select().from(client).where(eq(client.id, clientId));
    expect(row).toMatchObject({
      about: 'Sings on Fridays',
      notes: 'ask for Bo',
      version: 3,
      profile: { allergies: ['wool', 'latex'], limits: { heelMaxMm: 30 } },
    });
    expect(shop.errors).toEqual([]);
  });
});

describe('what stands between a piece and a client', () => {
  it('is said in Pull before the hold, asked about by name, and a packer reads what is in it', async () => {
    const { page, person } = shop;
    const clientId = await makeClient(shop.stylist, { allergies: ['latex'], limits: { heelMaxMm: 40 } });
    const latex = await makeGarment(shop.stylist, {
      title: 'Skerry skirt',
      category: 'skirt',
      attributes: withFibres(['latex', 100]),
    });
    const heel = await makeGarment(shop.stylist, {
      title: 'Skerry heel',
      category: 'heel',
      attributes: { measures: { heel: 65 }, ...withFibres(['cotton', 100]) },
    });
    const made = await makeBox(shop.stylist, clientId, [heel]);
    await person.go(`/box/${made.id}/pull`);
    await click(page, 'input[type=checkbox]');
    await person.fill('textbox', 'Find by name', 'Skerry');
    await person.see('Ruled out: contains latex, and latex is a declared allergy.');
    expect(await page.$eval('.pull-hold[disabled]', (button) => button.textContent)).toContain('Hold M');
    // Somebody may hold it by another way; it is packed by nobody.
    await shop.stylist.call('hold-line', { boxId: made.id, variantId: latex });

    const packer = await openPage(shop.browser);
    await signInAs(packer.page, shop.origin, 'packer@heronroom.invalid', 'heron-packer-demo');
    const tam = byMouse(packer.page, shop.origin);
    await tam.go(`/box/${made.id}/out`);
    await tam.see('Ruled out: contains latex');
    await tam.see('Ask the stylist before you pack it');
    expect(await packer.page.evaluate(() => document.body.innerText)).not.toMatch(/allerg|40 mm/i);
    await packer.page.setBypassCSP(true);
    await tam.go(`/box/${made.id}/out`);
    expect(await axeOn(packer.page)).toEqual([]);

    await person.go(`/box/${made.id}/out`);
    const title = (of: string) =>
      page.$eval(
        '.guard',
        (list, name) => new RegExp(`${name} \\d+`).exec(list.textContent ?? '')?.[0] ?? '',
        of,
      );
    await person.press('button', `Release ${await title('Skerry skirt')}`);
    await person.see('is back on the shelf');
    await person.press('button', `Let it go all the same: ${await title('Skerry heel')}`);
    await person.fill('textbox', 'Why it may go all the same', 'she asked by phone');
    await person.press('button', 'Let it go');
    await person.see('Noted, with your name.');
    await page.waitForFunction(() => document.querySelector('.guard') === null);
    const passed = await shop.db.select().from(limitPass).where(eq(limitPass.reason, 'she asked by phone'));
    expect(passed.map(({ code }) => code)).toEqual(['heel']);
    await tam.go(`/box/${made.id}/out`);
    await click(packer.page, 'input[type=checkbox]');
    await tam.press('button', 'Mark as packed');
    await tam.press('button', 'Send it out');
    await tam.see('Went out');
    const [row] = await shop.db.select().from(box).where(eq(box.id, made.id));
    expect(sure(row).state).toBe('out');
    await shop.stylist.call('decide-line', {
      boxId: made.id,
      lineId: sure(made.lines[0]).id,
      decision: 'return',
    });
    await tam.go(`/box/${made.id}/tally`);
    await tam.press('button', `Check in ${sure(made.lines[0]).piece.title}`);
    await tam.see('checked in');
    await settled(packer.page);
    expect([...packer.errors, ...shop.errors]).toEqual([]);
  });
});
