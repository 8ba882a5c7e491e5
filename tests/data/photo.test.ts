import { readFileSync } from 'node:fs';
import { garment, ownedItem, photo } from '@data/schema';
import { kindOf, PHOTO_MOST_PX } from '@server/photo/read-photo';
import { eq } from 'drizzle-orm';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let packer: Caller;
let garmentId: string;
let ownedId: string;

const picture = (format: 'jpeg' | 'png' | 'webp', width = 2000, height = 1500): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: '#2f6b4f' } })
    .withExifMerge({ IFD0: { Copyright: 'secret place' } })
    .toFormat(format)
    .toBuffer();
const send = (bytes: Buffer, of: 'garment' | 'owned' = 'garment') =>
  shop.stylist.call('save-photo', {
    of,
    id: of === 'garment' ? garmentId : ownedId,
    dataBase64: bytes.toString('base64'),
  });
const get = (caller: Caller, id: string): Promise<Response> =>
  fetch(`${shop.origin}/photo/${id}`, { headers: { cookie: caller.cookie } });

beforeAll(async () => {
  packer = await callerOf(shop.origin, 'packer');
  garmentId = sure((await shop.db.select({ id: garment.id }).from(garment).limit(1))[0]).id;
  ownedId = sure((await shop.db.select({ id: ownedItem.id }).from(ownedItem).limit(1))[0]).id;
});

describe('a photo', () => {
  it.each(['jpeg', 'png', 'webp'] as const)(
    '%s is kept as JPEG, smaller and without its metadata',
    async (format) => {
      const { status, answer } = await send(await picture(format));
      expect(status).toBe(200);
      const jpeg = Buffer.from(await (await get(shop.stylist, answer.photoId)).arrayBuffer());
      const meta = await sharp(jpeg).metadata();
      expect([meta.format, meta.width, meta.height]).toEqual(['jpeg', PHOTO_MOST_PX, 900]);
      expect(jpeg.includes('secret place')).toBe(false);
    },
  );
  it('takes the place of the one before', async () => {
    await send(await picture('png', 100, 100));
    await send(await picture('png', 90, 90));
    const kept = await shop.db.select().from(photo).where(eq(photo.garmentId, garmentId));
    expect(kept.map(({ width }) => width)).toEqual([90]);
  });
  it('of what a client owns is not shown to a packer; of a garment it is', async () => {
    const own = await send(await picture('jpeg', 300, 300), 'owned');
    const stock = await send(await picture('jpeg', 300, 300));
    expect((await get(shop.stylist, own.answer.photoId)).status).toBe(200);
    expect((await get(packer, own.answer.photoId)).status).toBe(404);
    expect((await get(packer, stock.answer.photoId)).status).toBe(200);
    expect((await fetch(`${shop.origin}/photo/${own.answer.photoId}`, { redirect: 'manual' })).status).toBe(
      302,
    );
  });

  const SVG = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>1</script></svg>');
  const HEIC = Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from('ftypheic'), Buffer.alloc(40)]);
  const EXE = Buffer.concat([Buffer.from('MZ'), Buffer.alloc(200)]);
  it.each([
    ['an SVG', SVG, 'drawing, not a photo'],
    ['an SVG behind an XML head', Buffer.from('<?xml version="1.0"?><svg/>'), 'drawing'],
    ['a HEIC', HEIC, 'save it as JPEG'],
    ['a program by another name', EXE, 'a program'],
    ['words', Buffer.from('hello, I am a photo'), 'not a photo'],
    ['half a JPEG', Buffer.alloc(0), 'Some of this'],
  ])('%s is refused in words, and the one before stays', async (name, bytes, says) => {
    await send(await picture('jpeg', 64, 64));
    const sent = name === 'half a JPEG' ? (await picture('jpeg')).subarray(0, 900) : bytes;
    const { status, problem } = await send(sent);
    expect(status).toBe(422);
    expect(`${problem.title} ${problem.faults.map(({ message }) => message).join()}`).toContain(says);
    const kept = await shop.db.select().from(photo).where(eq(photo.garmentId, garmentId));
    expect(kept.map(({ width }) => width)).toEqual([64]);
  });
  it('of 40 MB is refused without reading it to its end', async () => {
    const { status, problem } = await send(Buffer.alloc(40_000_000, 1));
    expect([status, problem.faults[0]?.path]).toEqual([413, '(file)']);
  });
  it('reads what a file is from its bytes', async () => {
    expect(kindOf(await picture('webp', 8, 8))).toBe('webp');
    expect(kindOf(readFileSync('package.json'))).toBe('unknown');
  });
});
