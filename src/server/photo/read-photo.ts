import { PHOTO_MOST_BYTES } from '@contracts/photo';
import pLimit from 'p-limit';
import sharp from 'sharp';
import { invalid, Refusal } from '../problem';

/** A photo as it is kept: JPEG, upright, without what the camera wrote into it. */
export interface KeptPhoto {
  readonly jpeg: Buffer;
  readonly width: number;
  readonly height: number;
}

/** Longer side of a kept photo, pixels. */
export const PHOTO_MOST_PX = 1200;
/** A picture of more pixels than a camera has is a trap. */
const PIXELS_MOST = 80_000_000;

/** Pictures decoded at a time, and those that may wait: whoever comes later is told to try again. */
const AT_ONCE = 2;
const WAITING_MOST = 20;
const decoding = pLimit(AT_ONCE);

const refused = (message: string) => invalid([{ path: 'photo', message }]);

/**
 * Re-encodes an uploaded picture. What it is, is read from its first bytes and not from its name. Throws a
 * refusal in words for whatever cannot be kept; nothing of the file itself is stored.
 */
export async function readPhoto(bytes: Buffer): Promise<KeptPhoto> {
  if (bytes.length === 0) throw refused('the file is empty');
  if (bytes.length > PHOTO_MOST_BYTES)
    throw refused(`larger than ${PHOTO_MOST_BYTES / 1_000_000} MB; send a smaller copy`);
  const kind = kindOf(bytes);
  if (kind !== 'jpeg' && kind !== 'png' && kind !== 'webp') throw refused(WHY_NOT[kind]);
  if (decoding.pendingCount >= WAITING_MOST)
    throw new Refusal(503, 'Many pictures are coming in just now. Please send it again in a moment.');
  return decoding(() => decode(bytes));
}

async function decode(bytes: Buffer): Promise<KeptPhoto> {
  try {
    const { data, info } = await sharp(bytes, { limitInputPixels: PIXELS_MOST, failOn: 'error' })
      .rotate()
      .resize(PHOTO_MOST_PX, PHOTO_MOST_PX, { fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality: 84 })
      .toBuffer({ resolveWithObject: true });
    return { jpeg: data, width: info.width, height: info.height };
  } catch {
    throw refused('the picture is broken or far too large and cannot be read');
  }
}

type Kind = 'jpeg' | 'png' | 'webp' | 'heic' | 'svg' | 'program' | 'unknown';

const WHY_NOT: Readonly<Record<Exclude<Kind, 'jpeg' | 'png' | 'webp'>, string>> = {
  heic: 'a HEIC photo cannot be read here; save it as JPEG (on the phone: "most compatible") and send it again',
  svg: 'an SVG is a drawing, not a photo; save it as PNG or JPEG',
  program: 'that is a program, whatever it is called; a photo is wanted',
  unknown: 'not a photo that can be read here; JPEG, PNG and WebP can',
};

/** What the first bytes say a file is. */
export function kindOf(bytes: Buffer): Kind {
  const starts = (...head: number[]): boolean => head.every((byte, i) => bytes[i] === byte);
  if (starts(0xff, 0xd8, 0xff)) return 'jpeg';
  if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'png';
  const text = bytes.toString('latin1', 0, 512);
  if (text.startsWith('RIFF') && text.slice(8, 12) === 'WEBP') return 'webp';
  if (text.slice(4, 8) === 'ftyp' && /heic|heix|hevc|hevx|heim|heis|mif1|msf1/.test(text.slice(8, 32)))
    return 'heic';
  if (starts(0x4d, 0x5a) || starts(0x7f, 0x45, 0x4c, 0x46) || text.startsWith('#!')) return 'program';
  if (/^\s*(\uFEFF|ï»¿)?\s*<(\?xml|!doctype svg|svg|!--)/i.test(text)) return 'svg';
  return 'unknown';
}
