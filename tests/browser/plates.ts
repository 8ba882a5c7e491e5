import { mkdirSync } from 'node:fs';
import type { Profile } from '@core/client';
import { type BodyMeasures, bodyOf } from '@core/figure';
import { type GivenPiece, pieceFrom, TEXTURES, wear } from '@core/piece';
import {
  type Drawing,
  figureDrawing,
  flatOf,
  layersOf,
  type Side,
  SPECIMENS,
  svgItems,
  wayLooks,
} from '@core/sketch';
import sharp from 'sharp';

const GROUND = '#dedcd7';
const USUAL = bodyOf({ heightMm: 1700 });

interface Cell {
  readonly title: string;
  readonly drawing: Drawing;
}

/** Drawings side by side at one scale, each with its name below. */
async function plate(file: string, cells: readonly Cell[], columns: number, size: number): Promise<void> {
  const scale = (size - 40) / Math.max(...cells.map(({ drawing }) => Math.max(drawing.box.w, drawing.box.h)));
  const rows = Math.ceil(cells.length / columns);
  const drawn = cells.map(({ title, drawing: { box, items } }, i) => {
    const [x, y] = [(i % columns) * size, Math.floor(i / columns) * size];
    const at = `translate(${x + size / 2 - (box.x + box.w / 2) * scale} ${y + (size - 20) / 2 - (box.y + box.h / 2) * scale})`;
    return `<g transform="${at} scale(${scale})">${svgItems(items, `p${i}`)}</g><text x="${x + size / 2}" y="${y + size - 6}" font-family="sans-serif" font-size="11" text-anchor="middle" fill="#4a463f">${title}</text>`;
  });
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${columns * size}" height="${rows * size}"><rect width="100%" height="100%" fill="${GROUND}"/>${drawn.join('')}</svg>`;
  await sharp(Buffer.from(svg)).png().toFile(file);
}

const piece = (category: GivenPiece['category'], hex: string, more: Partial<GivenPiece> = {}) =>
  pieceFrom({ id: category, category, colours: [{ hex, share: 1 }], ...more });

/** Bodies that cloth must follow, women's and men's: built by their measures alone. */
const BODIES: Readonly<Record<string, BodyMeasures>> = {
  petite: { heightMm: 1530, bust: 840, waist: 660, hip: 900 },
  tall: { heightMm: 1820, bust: 900, waist: 720, hip: 980 },
  'full hip': { heightMm: 1680, bust: 920, waist: 760, hip: 1140 },
  'full bust': { heightMm: 1660, bust: 1120, waist: 840, hip: 1040 },
  'broad shoulder': { heightMm: 1740, bust: 1000, waist: 820, hip: 980, shoulderWidth: 460 },
  'slim man': { heightMm: 1800, bust: 940, waist: 790, hip: 950, shoulderWidth: 450 },
  'broad man': { heightMm: 1860, bust: 1160, waist: 1020, hip: 1080, shoulderWidth: 510 },
};

const WORN: readonly (readonly [
  title: string,
  body: string,
  hair: Profile['hair'],
  pieces: readonly ReturnType<typeof piece>[],
])[] = [
  [
    'work',
    'petite',
    'up',
    [
      piece('blazer', '#1f4032', { structure: 2, mode: 'buttoned' }),
      piece('blouse', '#f3ecdc', { cut: { neckline: 'v' }, mode: 'full-tuck' }),
      piece('trousers', '#27303f'),
      piece('loafer', '#5a1f27'),
    ],
  ],
  [
    'market',
    'tall',
    'down',
    [
      piece('tee', '#fbfbf9', { mode: 'front-tuck' }),
      piece('jeans', '#3d5a80', { cut: { leg: 'wide' }, fabric: { texture: 'denim' } }),
      piece('sneaker', '#f2efe9'),
      piece('belt', '#5f4331'),
    ],
  ],
  [
    'gallery',
    'full hip',
    'up',
    [
      piece('fine-knit', '#2b2d33', { cut: { neckline: 'roll' }, mode: 'full-tuck' }),
      piece('skirt', '#9c4a24', { cut: { silhouette: 'a-line' }, measures: { length: 760, hemWidth: 1800 } }),
      piece('tall-boot', '#2b221c'),
    ],
  ],
  [
    'garden',
    'full bust',
    'down',
    [
      piece('dress', '#7a1f2b', {
        cut: { neckline: 'wrap', silhouette: 'fit-and-flare', sleeve: 'short' },
        measures: { length: 1120, hemWidth: 2400 },
      }),
      piece('heel', '#c8a083'),
      piece('hat', '#d8c39a'),
    ],
  ],
  [
    'quay',
    'broad shoulder',
    'short',
    [
      piece('raincoat', '#c6962d', { mode: 'open' }),
      piece('sweatshirt', '#84868a'),
      piece('trousers', '#27303f', { cut: { leg: 'slim' } }),
      piece('ankle-boot', '#17171a'),
      piece('scarf', '#611f2f'),
    ],
  ],
  [
    'office',
    'slim man',
    'short',
    [
      piece('coat', '#b08d57', { structure: 2, mode: 'open' }),
      piece('shirt', '#dfe7ee', { cut: { neckline: 'collar' }, mode: 'full-tuck' }),
      piece('trousers', '#6a6d72'),
      piece('loafer', '#3b2a22'),
    ],
  ],
  [
    'weekend',
    'broad man',
    'short',
    [
      piece('gilet', '#1f2a44', { mode: 'open', measures: { bust: 1300, hip: 1280, shoulder: 500 } }),
      piece('shirt', '#f3ecdc', {
        cut: { neckline: 'collar' },
        measures: { bust: 1280, waist: 1200, hip: 1240, shoulder: 510, upperArm: 440, length: 780 },
      }),
      piece('jeans', '#2c3a5e', { fabric: { texture: 'denim' } }),
      piece('ankle-boot', '#5f4331'),
    ],
  ],
  [
    'ceremony',
    'tall',
    'up',
    [
      piece('jumpsuit', '#532a45', { cut: { leg: 'wide', neckline: 'boat' } }),
      piece('shawl', '#e4dac4'),
      piece('heel', '#c9a24a'),
    ],
  ],
  [
    'wedding',
    'petite',
    'up',
    [
      piece('dress', '#fbfbf9', {
        cut: { neckline: 'illusion', silhouette: 'full', sleeve: 'long' },
        measures: { length: 1380, hemWidth: 3200 },
      }),
      piece('veil', '#fbfbf9', { fabric: { sheer: 'sheer' } }),
      piece('earrings', '#c9a24a', { metal: 'yellow' }),
    ],
  ],
  [
    'frost',
    'full hip',
    'down',
    [
      piece('cape', '#56663f'),
      piece('chunky-knit', '#ebdfc3', { fabric: { texture: 'cable' } }),
      piece('leggings', '#17171a'),
      piece('ankle-boot', '#5f4331'),
      piece('gloves', '#5f4331'),
    ],
  ],
];

const out = process.argv[2] ?? 'plates';
mkdirSync(out, { recursive: true });
const seenFrom = (side: Side) =>
  WORN.map(([title, name, hair, pieces]): Cell => {
    const body = bodyOf(BODIES[name] ?? {});
    return {
      title: `${title}, ${name}`,
      drawing: figureDrawing(layersOf(pieces.map(wear), body), body, { hair }, side),
    };
  });
await plate(`${out}/looks.png`, seenFrom('front'), 5, 460);
await plate(`${out}/looks-behind.png`, seenFrom('back'), 5, 460);
await plate(
  `${out}/bodies.png`,
  Object.entries(BODIES).map(([title, given]) => ({
    title,
    drawing: figureDrawing([], bodyOf(given), { hair: 'up' }),
  })),
  7,
  340,
);
for (const { title, specimens } of SPECIMENS)
  await plate(
    `${out}/${title.toLowerCase().replace(/\W+/g, '-')}.png`,
    specimens.map((each) => ({ title: each.title, drawing: flatOf(each.piece, USUAL) })),
    Math.min(8, specimens.length),
    220,
  );
await plate(
  `${out}/cloths.png`,
  TEXTURES.map((texture) => ({
    title: texture,
    drawing: flatOf(piece('tee', '#4b6584', { fabric: { texture } }), USUAL),
  })),
  6,
  220,
);
await plate(
  `${out}/ways.png`,
  wayLooks().map(({ title, pieces }) => ({
    title,
    drawing: figureDrawing(layersOf(pieces.map(wear), USUAL), USUAL),
  })),
  8,
  300,
);
