import { type Palette, paletteOf } from '@core/palette';
import { expose } from 'comlink';

/** More than the palette needs; a photo is shrunk to this before it is looked at. */
const MOST_PX = 960;

/** Reads a photo away from the page: decoding, ground, colours and repeat. */
const work = {
  async palette(file: Blob, heightMm: number): Promise<Palette> {
    const bitmap = await createImageBitmap(file);
    const scale = Math.min(1, MOST_PX / Math.max(bitmap.width, bitmap.height));
    const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d', { willReadFrequently: true });
    if (!context) throw new Error('no canvas in this browser');
    context.drawImage(bitmap, 0, 0, width, height);
    bitmap.close();
    const { data } = context.getImageData(0, 0, width, height);
    return paletteOf({ width, height, data }, heightMm);
  },
};
export type PaletteWork = typeof work;

expose(work);
