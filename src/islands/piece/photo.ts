import { PHOTO_MOST_BYTES } from '@contracts/photo';
import type { Palette } from '@core/palette';
import type { PaletteWork } from '@workers/palette';
import { wrap } from 'comlink';

/** Why a file is no photo for us, or undefined. The server looks at the bytes themselves once more. */
export function photoFault(file: File): string | undefined {
  if (file.size > PHOTO_MOST_BYTES)
    return `${file.name} has ${Math.round(file.size / 1_000_000)} MB; up to ${PHOTO_MOST_BYTES / 1_000_000} MB can be sent. A smaller copy does as well.`;
  if (/\.(heic|heif)$/i.test(file.name))
    return `${file.name} is a HEIC photo, which cannot be read here. Save it as JPEG and send it again.`;
  if (/\.svg$/i.test(file.name)) return `${file.name} is a drawing, not a photo. Save it as PNG or JPEG.`;
  return undefined;
}

/** The file in base64, as the API takes it. */
export async function base64Of(file: Blob): Promise<string> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  let text = '';
  for (let i = 0; i < bytes.length; i += 0x8000)
    text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
}

/** Palette and pattern guess of a photo, worked out in a worker. Rejects when the picture cannot be read. */
export async function readPalette(file: Blob, heightMm: number): Promise<Palette> {
  const worker = new Worker(new URL('../../workers/palette.ts', import.meta.url), { type: 'module' });
  try {
    return await wrap<PaletteWork>(worker).palette(file, heightMm);
  } finally {
    worker.terminate();
  }
}
