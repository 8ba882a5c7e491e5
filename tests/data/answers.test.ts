import { type BoxView, type DressedBox, type TalliedBox, withAnswer } from '@contracts/box/box-view';
import type { CallName, Input } from '@contracts/calls';
import { user } from '@data/schema';
import { boxView } from '@server/box/box-view';
import type { Actor } from '@server/context';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeClient } from '../support/making';
import { openShop } from '../support/open-shop';
import { whole } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let actor: Actor;
beforeAll(async () => {
  const all = await shop.db.select().from(user);
  const { id, name, shopId } = sure(all.find(({ role }) => role === 'stylist'));
  actor = { id, name, shopId: sure(shopId), role: 'stylist' };
});

/** The box as a page would be made with it now, as JSON carries it. */
const asLoaded = async (boxId: string): Promise<BoxView> =>
  JSON.parse(JSON.stringify(await boxView(shop.db, actor, boxId, new Date()))) as BoxView;

/** A page of a box that takes over every answer, and after each is what it would be loaded anew. */
async function pageOf(boxId: string) {
  let now = await asLoaded(boxId);
  let heard = 0;
  return {
    get view() {
      return now;
    },
    get heard() {
      return heard;
    },
    does: async <N extends CallName>(name: N, input: Omit<Input<N>, 'boxId' | 'version'>): Promise<void> => {
      const said = await shop.stylist.call(name, { boxId, version: now.version, ...input } as never);
      // A call that knows no version is told none.
      const { status, answer, problem } = said.problem.faults?.some(({ path }) => path === 'version')
        ? await shop.stylist.call(name, { boxId, ...input } as never)
        : said;
      if (status !== 200) throw new Error(`${name}: ${problem.title} ${JSON.stringify(problem.faults)}`);
      const box = answer as { view?: TalliedBox } & DressedBox;
      now = withAnswer(now, whole(box.view ?? box));
      heard++;
      expect(now, name).toEqual(await asLoaded(boxId));
    },
  };
}

/** A garment in two sizes; their ids. */
async function sizesOf(
  title: string,
  category: Input<'save-garment'>['category'],
  measures: { inseam?: number } = {},
): Promise<string[]> {
  const made = await shop.stylist.call('save-garment', {
    title,
    category,
    colours: [{ hex: '#1f2a44', share: 1 }],
    priceMinor: 8000,
    sizes: ['M', 'L'].map((size) => ({ size, sku: `ANSWER-${title}-${size}`, qty: 5, measures })),
  });
  const sheet = await shop.stylist.call('garment-sheet', { id: made.answer.id });
  return sheet.answer.sizes.map(({ id }) => id);
}

describe('what a write answers', () => {
  it('is all that it changed: a page that keeps the rest is what it would be loaded anew, from brief to credit note', async () => {
    const clientId = await makeClient(shop.stylist);
    const made = await shop.stylist.call('save-occasion', {
      clientId,
      occasion: { title: 'Regatta', date: '2027-06-12' },
      stages: [],
    });
    const tee = await sizesOf('Tee', 'tee');
    const skirt = await sizesOf('Skirt', 'skirt');
    const legs = await sizesOf('Trousers', 'trousers', { inseam: 800 });
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId })).answer;
    const page = await pageOf(boxId);
    await page.does('save-brief', {
      budgetMinor: 40_000,
      occasionIds: [made.answer.id],
      asks: ['a navy tee'],
      mood: ['calm'],
      notToSend: 'a scarf',
    });
    const colleague = sure(page.view.stylists.find(({ id }) => id !== page.view.stylist.id));
    await page.does('hand-over', { to: colleague.id, note: 'She likes it loose.' });
    for (const [variantId] of [tee, skirt, legs])
      await page.does('hold-line', { variantId: sure(variantId), askId: sure(page.view.asks[0]).id });
    const line = (n: number): string => sure(page.view.lines[n]).id;
    await page.does('mark-nudge', { lineId: line(0), nudge: true });
    await page.does('save-look', {
      occasionId: made.answer.id,
      title: 'On the quay',
      pieces: [{ ref: `line:${line(0)}` }, { ref: `line:${line(1)}` }],
    });
    await page.does('save-alteration', { lineId: line(2), job: 'hem', mm: 20, priceMinor: 900, leadDays: 2 });
    await page.does('remove-alteration', {
      lineId: line(2),
      id: sure(page.view.lines[2]?.alterations[0]).id,
    });
    const { letter } = (await shop.stylist.call('draft-letter', { boxId })).answer;
    await page.does('save-letter', { letter });
    await page.does('save-appointment', { at: null });
    await page.does('move-box', { to: 'packed' });
    await page.does('move-box', { to: 'out' });
    await page.does('decide-line', { lineId: line(0), decision: 'keep' });
    await page.does('decide-line', { lineId: line(1), decision: 'return', reason: 'colour' });
    await page.does('exchange-line', { lineId: line(1), variantId: sure(skirt[1]), reason: 'too small' });
    await page.does('send-parcel', { tracking: 'P-2' });
    await page.does('lose-lines', { lineIds: [line(2)], loss: 'on its way to her' });
    await page.does('find-line', { lineId: line(2) });
    await page.does('decide-line', { lineId: line(2), decision: 'return' });
    await page.does('check-in-line', { lineId: line(2) });
    await page.does('check-in-line', { lineId: line(1) });
    await page.does('keep-all', {});
    await page.does('close-box', { way: 'cash' });
    await page.does('take-back-line', { lineId: line(0), withheldMinor: 0, backTo: 'shelf' });
    expect(page.view.state).toBe('closed');
    expect(page.heard).toBeGreaterThanOrEqual(24);
  });

  it('lets go of what is not there any more', async () => {
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId: await makeClient(shop.stylist) }))
      .answer;
    const now = await asLoaded(boxId);
    const { stylist, stylists, learned, ...dressed } = now;
    const before: BoxView = { ...now, wantedBy: '2027-01-01', due: undefined, returnBy: '2027-01-02' };
    expect(withAnswer(before, dressed)).toEqual({ ...dressed, stylist, stylists, learned });
  });
});
