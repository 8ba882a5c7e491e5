import type { Input } from '@contracts/calls';
import { box as boxTable } from '@data/schema';
import { eq } from 'drizzle-orm';
import { extractText, getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { sure } from '../support/sure';

const shop = openShop();
type Letter = Input<'save-letter'>['letter'];

async function open() {
  const [row] = await shop.db.select().from(boxTable).where(eq(boxTable.number, 104));
  const { id, version } = sure(row);
  const { letter } = (await shop.stylist.call('draft-letter', { boxId: id })).answer;
  return { id, version, letter: letter as unknown as Letter };
}
const pdfOf = async (id: string): Promise<string> => {
  const answer = await fetch(`${shop.origin}/box/${id}/letter.pdf`, {
    headers: { cookie: shop.stylist.cookie },
  });
  const pdf = await getDocumentProxy(new Uint8Array(await answer.arrayBuffer()));
  return (await extractText(pdf, { mergePages: true })).text.replace(/\s+/g, ' ');
};

describe('a journey in the letter', () => {
  it('is printed as it was written, without what was struck, and leaves with one word', async () => {
    const { id, version, letter } = await open();
    const [first] = letter.pieces;
    const journey: Letter['journey'] = {
      packing: ['The bottle blazer', 'Your dark jeans', ' '],
      days: [
        {
          line: 'Day 1, a day out: the bottle blazer and your dark jeans.',
          pieces: [{ ref: sure(first).ref }],
        },
        { line: '', pieces: [{ ref: sure(first).ref }] },
        { line: 'Day 3, dinner: something worn before.', pieces: [] },
      ],
    };
    const saved = await shop.stylist.call('save-letter', {
      boxId: id,
      version,
      letter: { ...letter, journey },
    });
    expect(saved.status).toBe(200);
    const said = await pdfOf(id);
    expect(said).toContain('For your journey');
    expect(said).toMatch(/To pack The bottle blazer Your dark jeans/);
    expect(said).toContain('Day 1, a day out: the bottle blazer');
    expect(said).toContain('Day 3, dinner: something worn before.');
    expect(said).not.toContain('Day 2');

    const without = await shop.stylist.call('save-letter', {
      boxId: id,
      version: (saved.answer as { version: number }).version,
      letter,
    });
    expect(without.status).toBe(200);
    expect(await pdfOf(id)).not.toContain('For your journey');
  });
  it('is refused with the field when it is longer than any journey, and the letter stays as it was', async () => {
    const { id, version, letter } = await open();
    const days = Array.from({ length: 121 }, (_, i) => ({ line: `Day ${i}`, pieces: [] }));
    const { status, problem } = await shop.stylist.call('save-letter', {
      boxId: id,
      version,
      letter: { ...letter, journey: { packing: [], days } },
    });
    expect(status).toBe(422);
    expect(problem.faults.map(({ path }) => path)).toEqual(['letter.journey.days']);
  });
});
