import { mkdirSync, writeFileSync } from 'node:fs';
import { bodyOf, frameOf } from '@core/figure';
import { boxOf, svgPath } from '@core/path';
import { wear } from '@core/piece';
import { sketchOf, SPECIMENS } from '@core/sketch';
import { launch } from './chromium';

/** Groups whose cuts change an outline; cloth and pattern do not. */
const GROUPS = ['Categories', 'Necklines', 'Sleeves', 'Legs', 'Skirts', 'Dresses'];
const SCALE = 0.2;

/** An order that gives nothing away, and is the same every time. */
const shuffled = <T>(list: readonly T[]): T[] =>
  list
    .map((item, i) => ({ item, key: Math.abs(Math.sin((i + 1) * 91.7) * 10_000) % 1 }))
    .sort((a, b) => a.key - b.key)
    .map(({ item }) => item);

/** A sheet of plain outlines with numbers, for a reader who has not seen them; the key lies beside it. */
async function main(folder: string): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const frame = frameOf(bodyOf({ heightMm: 1700 }), true);
  const all = shuffled(
    SPECIMENS.filter(({ title }) => GROUPS.includes(title)).flatMap((group) =>
      group.specimens.map((specimen) => ({ group: group.title, ...specimen })),
    ),
  );
  const cells = all.map(({ piece }, i) => {
    const panels = sketchOf(frame, wear(piece)).panels.filter((panel) => !panel.inside);
    const box = boxOf(panels.map((panel) => panel.path));
    const by = Math.max(box.w, box.h) < 140 ? SCALE * 3 : SCALE;
    const paths = panels.map((panel) => `<path d="${svgPath(panel.path)}"/>`).join('');
    return `<figure><svg viewBox="${box.x} ${box.y} ${box.w} ${box.h}" width="${box.w * by}" height="${box.h * by}" fill="#111">${paths}</svg><figcaption>${i + 1}</figcaption></figure>`;
  });
  const page = `<!doctype html><meta charset="utf-8"><style>body{margin:16px;background:#fff;font:13px sans-serif;display:flex;flex-wrap:wrap;gap:14px 18px;align-items:end}figure{margin:0;text-align:center}</style>${cells.join('')}`;
  writeFileSync(
    `${folder}/silhouettes-key.txt`,
    all.map(({ group, title }, i) => `${i + 1}\t${group}: ${title}`).join('\n') + '\n',
  );
  const browser = await launch();
  try {
    const sheet = await browser.newPage();
    await sheet.setViewport({ width: 1600, height: 1000 });
    await sheet.setContent(page);
    await sheet.screenshot({ path: `${folder}/silhouettes.png`, fullPage: true });
  } finally {
    await browser.close();
  }
}

await main(process.argv[2] ?? 'var/silhouettes');
