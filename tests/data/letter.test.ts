import type { Input } from '@contracts/calls';
import { box as boxTable, shop as shopTable } from '@data/schema';
import { eq } from 'drizzle-orm';
import { extractText, getDocumentProxy } from 'unpdf';
import { describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
type Letter = Input<'save-letter'>['letter'];

async function open() {
  const [row] = await shop.db.select().from(boxTable).where(eq(boxTable.number, 104));
  const { id, version } = sure(row);
  const { letter } = (await shop.stylist.call('draft-letter', { boxId: id })).answer;
  return { id, version, letter: letter as unknown as Letter };
}
const documentOf = async (id: string) => {
  const answer = await fetch(`${shop.origin}/box/${id}/letter.pdf`, {
    headers: { cookie: shop.stylist.cookie },
  });
  return getDocumentProxy(new Uint8Array(await answer.arrayBuffer()));
};
const pdfOf = async (id: string): Promise<string> =>
  (await extractText(await documentOf(id), { mergePages: true })).text.replace(/\s+/g, ' ');
const write = async (id: string, version: number, letter: Letter): Promise<number> => {
  const { status, answer } = await shop.stylist.call('save-letter', { boxId: id, version, letter });
  expect(status).toBe(200);
  return (answer as { version: number }).version;
};

interface Node {
  readonly role?: string;
  readonly alt?: string;
  readonly children?: readonly Node[];
}
const nodesOf = (node: Node): Node[] => [node, ...(node.children ?? []).flatMap(nodesOf)];

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

describe('how a letter speaks', () => {
  it('is drafted in the tone and length that are asked for, else in the shop’s; its phrases come along', async () => {
    const { id } = await open();
    const voice = {
      style: { tone: 'crisp', length: 'full', pictures: 'flat' } as const,
      signature: 'Agnes, at the Heron Room',
      phrases: ['Do call in for a coffee.'],
      paper: 'a4' as const,
    };
    const { version } = sure((await shop.db.select().from(shopTable))[0]);
    const owner = await callerOf(shop.origin, 'owner');
    expect((await owner.call('save-voice', { version, ...voice })).status).toBe(200);
    expect((await owner.call('save-voice', { version, ...voice })).status).toBe(409);
    expect((await shop.stylist.call('save-voice', { version: version + 1, ...voice })).status).toBe(403);
    const usual = (await shop.stylist.call('draft-letter', { boxId: id })).answer;
    expect(usual.letter.greeting).toMatch(/^Ragnhild, five pieces for/);
    expect(usual.letter.closing).toMatch(/^Please decide by .* Agnes, at the Heron Room$/);
    expect(usual.phrases).toEqual(voice.phrases);
    const chatty = { tone: 'chatty', length: 'short', pictures: 'figure' } as const;
    const { letter, wordings } = (await shop.stylist.call('draft-letter', { boxId: id, style: chatty }))
      .answer;
    expect(letter.style).toEqual(chatty);
    expect(letter.greeting).toMatch(/^Hello Ragnhild!/);
    expect(letter.pieces.every(({ facts }) => facts === '')).toBe(true);
    expect(wordings['greeting']).toHaveLength(3);
    const odd = await shop.stylist.call('draft-letter', {
      boxId: id,
      style: { ...chatty, tone: 'smug' } as never,
    });
    expect([odd.status, odd.problem.faults[0]?.path]).toEqual([422, 'style.tone']);
  });
  it('is printed in its order, without the look that was left out; what stands in for her own is said', async () => {
    const { id, version, letter } = await open();
    const [first, ...others] = letter.pieces;
    const [shown, hidden] = letter.looks;
    await write(id, version, {
      ...letter,
      pieces: [...others, { ...sure(first), why: 'Last, and best.' }],
      looks: [
        { ...sure(shown), instead: 'Any dark belt can stand in for yours.' },
        { ...sure(hidden), line: 'Nobody reads this.', hidden: true },
      ],
    });
    const said = await pdfOf(id);
    expect(said.indexOf('Last, and best.')).toBeGreaterThan(
      said.indexOf(sure(others.at(-1)).why.slice(0, 30)),
    );
    expect(said).toContain('Any dark belt can stand in for yours.');
    expect(said).not.toContain('Nobody reads this.');
  });
  it('is a tagged document in reading order, on the shop’s paper, every picture with its words', async () => {
    const { id, version, letter } = await open();
    await write(id, version, letter);
    for (const [paper, size] of [
      ['a4', [595.28, 841.89]],
      ['letter', [612, 792]],
    ] as const) {
      await shop.db.update(shopTable).set({ paper });
      const pdf = await documentOf(id);
      const page = await pdf.getPage(1);
      expect(page.view.slice(2).map((side) => Math.round(side))).toEqual(
        size.map((side) => Math.round(side)),
      );
      expect(await pdf.getMarkInfo()).toMatchObject({ Marked: true });
      const nodes: Node[] = [];
      for (let no = 1; no <= pdf.numPages; no++)
        nodes.push(...nodesOf((await (await pdf.getPage(no)).getStructTree()) as Node));
      const roles = nodes.map(({ role }) => role);
      expect(roles.filter((role) => role === 'H1')).toHaveLength(1);
      // A heading for each piece and each look.
      expect(roles.filter((role) => role === 'H2')).toHaveLength(letter.pieces.length + letter.looks.length);
      const figures = nodes.filter(({ role }) => role === 'Figure');
      expect(figures.length).toBeGreaterThanOrEqual(letter.pieces.length + letter.looks.length);
      expect(figures.every(({ alt }) => alt && alt.length > 3)).toBe(true);
      expect(roles.indexOf('H1')).toBeLessThan(roles.indexOf('H2'));
    }
    await shop.db.update(shopTable).set({ paper: 'a4' });
  });
});
