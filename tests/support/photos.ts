import { bodyOf } from '@core/figure';
import { type GivenPiece, pieceFrom } from '@core/piece';
import { flatOf, type Item, svgItems } from '@core/sketch';
import sharp from 'sharp';
import { sure } from './sure';

/** How a test photo was taken: the ground, the light, and what the camera did to it. */
export interface Shot {
  readonly name: string;
  readonly ground: 'paper' | 'grey cloth' | 'wood';
  readonly noise?: number;
  readonly shade?: boolean;
  readonly crease?: boolean;
  readonly jpeg?: number;
}

const BODY = bodyOf({ heightMm: 1700 });
const SIZE = 640;

/** A repeatable noise of about ±1. */
function noiseAt(i: number): number {
  const s = Math.sin(i * 12.9898) * 43758.5453;
  const t = Math.sin(i * 78.233) * 12543.123;
  return s - Math.floor(s) + t - Math.floor(t) - 1;
}

/** The noise of every byte of a photo, the same in all of them. */
const NOISE = Float32Array.from({ length: SIZE * SIZE * 4 }, (_, i) => noiseAt(i));

function groundOf(kind: Shot['ground']): string {
  if (kind === 'paper') return `<rect width="${SIZE}" height="${SIZE}" fill="#ece9e2"/>`;
  if (kind === 'grey cloth') {
    const threads = Array.from(
      { length: SIZE / 4 },
      (_, i) =>
        `<path d="M0 ${i * 4}H${SIZE}M${i * 4} 0V${SIZE}" stroke="${i % 2 ? '#8b8c8a' : '#a3a4a1'}" stroke-width="1.4"/>`,
    );
    return `<rect width="${SIZE}" height="${SIZE}" fill="#979895"/>${threads.join('')}`;
  }
  const boards = Array.from({ length: 40 }, (_, i) => {
    const y = i * 16 + noiseAt(i) * 3;
    return `<path d="M0 ${y}Q${SIZE / 2} ${y + noiseAt(i + 50) * 10} ${SIZE} ${y}" stroke="${['#8a6238', '#9d7446', '#7d5730'][i % 3]}" stroke-width="${4 + (i % 4) * 2}" fill="none"/>`;
  });
  return `<rect width="${SIZE}" height="${SIZE}" fill="#946b3f"/>${boards.join('')}`;
}

/** A sketch without its own light, plain panels in the colour of the cloth: the photo brings the light of the room. */
const unlit = (items: readonly Item[], hex: string): Item[] =>
  items.flatMap((item): Item[] => {
    if (item.kind !== 'path') return [{ ...item, items: unlit(item.items, hex) }];
    if (typeof item.fill !== 'object') return [item];
    return item.fill.stops.every(([, , opacity]) => opacity === 1) ? [{ ...item, fill: hex }] : [];
  });

/** A photo, made up: our own sketch of the piece laid on a ground and photographed. RGBA pixels. */
export async function photograph(
  given: GivenPiece,
  shot: Shot,
): Promise<{ width: number; height: number; data: Buffer; heightMm: number }> {
  const piece = pieceFrom(given);
  const drawing = flatOf(piece, BODY);
  const { x, y, w, h } = drawing.box;
  const scale = (SIZE * 0.8) / Math.max(w, h);
  const move = `translate(${SIZE / 2 - (x + w / 2) * scale} ${SIZE / 2 - (y + h / 2) * scale}) scale(${scale})`;
  const crease = shot.crease
    ? `<defs><linearGradient id="c"><stop offset="0" stop-color="#000" stop-opacity="0"/><stop offset=".5" stop-color="#000" stop-opacity=".3"/><stop offset="1" stop-color="#000" stop-opacity="0"/></linearGradient></defs><rect x="${SIZE * 0.47}" width="${SIZE * 0.05}" height="${SIZE}" fill="url(#c)" transform="rotate(14 ${SIZE / 2} ${SIZE / 2})"/>`
    : '';
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${SIZE}" height="${SIZE}">${groundOf(shot.ground)}<g transform="${move}">${svgItems(unlit(drawing.items, sure(piece.colours[0]).hex), 'p')}</g>${crease}</svg>`;
  const raw = await sharp(Buffer.from(svg)).ensureAlpha().raw().toBuffer();
  if (shot.shade || shot.noise)
    for (let i = 0; i < raw.length; i++) {
      if (i % 4 === 3) continue;
      const px = (i - (i % 4)) / 4;
      // Light that falls off by a tenth from one side to the other.
      const light = shot.shade ? 1.03 - 0.1 * ((px % SIZE) / SIZE) : 1;
      const value = (raw[i] ?? 0) * light + (shot.noise ?? 0) * (NOISE[i] ?? 0);
      raw[i] = Math.max(0, Math.min(255, Math.round(value)));
    }
  const image = sharp(raw, { raw: { width: SIZE, height: SIZE, channels: 4 } });
  const taken = shot.jpeg
    ? await sharp(await image.flatten().jpeg({ quality: shot.jpeg }).toBuffer())
        .ensureAlpha()
        .raw()
        .toBuffer()
    : raw;
  return { width: SIZE, height: SIZE, data: taken, heightMm: h };
}

/** A small JPEG of one colour. */
export const jpegOf = (size = 64): Promise<Buffer> =>
  sharp({ create: { width: size, height: size, channels: 3, background: '#2f6b4f' } })
    .jpeg()
    .toBuffer();
