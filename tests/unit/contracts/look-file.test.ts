import { execFileSync, spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { judgementOf, LOOK_FORMAT, readLooks } from '@contracts/look-file';
import { describe, expect, it } from 'vitest';

const shirt = { id: 'shirt', category: 'shirt', colours: [{ hex: '#fbfbf9', share: 1 }] };
const trousers = {
  id: 'trousers',
  category: 'trousers',
  colours: [{ hex: '#1f2a44', share: 1 }],
  measures: { inseam: 800 },
};
const shoes = {
  id: 'shoes',
  category: 'loafer',
  colours: [{ hex: '#3b2a22', share: 1 }],
  measures: { heel: 25 },
};
const file = (more: object = {}) => ({
  format: LOOK_FORMAT,
  client: { heightMm: 1700, insideLegLength: 790 },
  pieces: [shirt, trousers, shoes],
  ...more,
});
const faultsOf = (value: unknown): string[] => {
  const read = readLooks(typeof value === 'string' ? value : JSON.stringify(value));
  return read.ok ? [] : read.faults.map(({ path, message }) => `${path}: ${message}`);
};

describe('look files', () => {
  it('are judged whole: complete, score, hems with clearance, areas that add up to one', () => {
    const read = readLooks(JSON.stringify(file()));
    if (!read.ok || !read.looks[0]) throw new Error('not read');
    const judgement = judgementOf(read.looks[0]) as {
      complete: boolean;
      score: number;
      hems: { piece: string; clearanceMm?: number }[];
      areas: { share: number }[];
      clo: number;
    };
    expect(judgement.complete).toBe(true);
    expect(judgement.hems.find((hem) => hem.piece === 'trousers')?.clearanceMm).toBe(15);
    expect(judgement.areas.reduce((sum, area) => sum + area.share, 0)).toBeCloseTo(1, 2);
    // ISO 9920: 0.835 × (0.25 + 0.24 + 0.02) + 0.161
    expect(judgement.clo).toBeCloseTo(0.587, 3);
  });

  it.each([
    [
      'an unknown category',
      file({ pieces: [{ ...shirt, category: 'blouson' }] }),
      'pieces[0].category: "blouson": not one of',
    ],
    [
      'a hex of blu',
      file({ pieces: [shirt, trousers, { ...shoes, colours: [{ hex: 'blu', share: 1 }] }] }),
      'pieces[2].colours[0].hex: not a colour',
    ],
    [
      'shares of 1.4',
      file({
        pieces: [
          {
            ...shirt,
            colours: [
              { hex: '#ffffff', share: 1 },
              { hex: '#000000', share: 0.4 },
            ],
          },
        ],
      }),
      'pieces[0].colours: the shares do not add up to 1',
    ],
    [
      'a waist of 20 mm',
      file({ pieces: [{ ...trousers, measures: { waist: 20 } }] }),
      'pieces[0].measures.waist: at least 300 mm',
    ],
    ['no pieces', file({ pieces: [] }), 'pieces: a look has at least one piece'],
    [
      '40 pieces',
      file({ pieces: Array.from({ length: 40 }, (_, i) => ({ ...shirt, id: `p${i}` })) }),
      'pieces: a look has at most 24 pieces',
    ],
    ['one id twice', file({ pieces: [shirt, shirt] }), 'pieces: two pieces share an id'],
    ['an unknown field', file({ colour: 'red' }), 'colour: not a known field'],
    ['another format', file({ format: 'look@9' }), `format: the format is ${LOOK_FORMAT}`],
    [
      'a height in cm',
      file({ client: { heightMm: 170 } }),
      'client.heightMm: at least 120 cm (47¼ in): is the unit right?',
    ],
    [
      'a formality upside down',
      file({ occasion: { title: 'x', formality: [8, 2] } }),
      'occasion.formality: the lower end stands above the upper one',
    ],
    ['an empty file', '', '(file): the file is empty'],
    ['no JSON', '{"format":', '(file): not JSON'],
  ])('refuse %s and name the field', (_name, value, fault) => {
    const faults = faultsOf(value);
    expect(
      faults.some((each) => each.startsWith(fault)),
      faults.join('\n'),
    ).toBe(true);
  });

  it('come as an array or as JSON lines, with the place of each fault in front', () => {
    expect(readLooks(JSON.stringify([file(), file()]))).toMatchObject({ ok: true, many: true });
    expect(readLooks(`${JSON.stringify(file())}\n${JSON.stringify(file())}\n`)).toMatchObject({
      ok: true,
      many: true,
    });
    expect(faultsOf([file(), file({ pieces: [{ ...shirt, category: 'x' }] })])[0]).toMatch(
      /^\[1\]\.pieces\[0\]\.category/,
    );
  });

  it('of one piece is judged and not complete', () => {
    const read = readLooks(JSON.stringify(file({ pieces: [shirt] })));
    if (!read.ok || !read.looks[0]) throw new Error('not read');
    expect(judgementOf(read.looks[0])).toMatchObject({ complete: false, sendable: false, clo: null });
  });
});

describe('npm run -s judge', () => {
  const folder = mkdtempSync(join(tmpdir(), 'ivory-rail-'));
  const write = (name: string, value: unknown): string => {
    const path = join(folder, name);
    writeFileSync(path, typeof value === 'string' ? value : JSON.stringify(value));
    return path;
  };
  const run = (path: string, input = '') =>
    spawnSync(process.execPath, ['--import', 'tsx', 'src/cli/judge.ts', path], { input, encoding: 'utf8' });

  it('prints the judgement and exits 0, the same from standard input', () => {
    const path = write('good.json', file());
    // As a person calls it once; the others spare the package manager.
    const out = execFileSync('npm', ['run', '-s', 'judge', '--', path], { encoding: 'utf8' });
    expect(JSON.parse(out)).toMatchObject({ format: 'ivory-rail/judgement@1', complete: true });
    const piped = run('-', JSON.stringify(file()));
    expect([piped.status, piped.stdout]).toEqual([0, out]);
  });
  it('exits 2 on a bad file, prints every fault and no verdict', () => {
    const bad = run(
      write(
        'bad.json',
        file({
          pieces: [
            { ...shirt, category: 'x' },
            { ...trousers, colours: [{ hex: 'blu', share: 1 }] },
          ],
        }),
      ),
    );
    expect([bad.status, bad.stdout]).toEqual([2, '']);
    expect(bad.stderr).toContain('pieces[1].colours[0].hex: not a colour');
    expect(bad.stderr).toContain('pieces[0].category');
    expect(run(join(folder, 'none.json')).status).toBe(2);
  });
});

describe('measures that cannot be', () => {
  it.each([
    [
      'an inside leg as long as the whole leg',
      { measures: { inseam: 900, length: 880 } },
      {},
      'pieces[0].measures.inseam',
    ],
    ['a waist of 20 mm', { measures: { waist: 20 } }, {}, 'pieces[0].measures.waist'],
    [
      'a platform above its heel',
      { category: 'heel', measures: { heel: 40, platform: 60 } },
      {},
      'pieces[0].measures.platform',
    ],
    [
      'shares that add to 1.4',
      {
        colours: [
          { hex: '#112233', share: 0.7 },
          { hex: '#332211', share: 0.7 },
        ],
      },
      {},
      'pieces[0].colours',
    ],
    [
      'a client whose leg reaches the waist',
      {},
      { insideLegLength: 1000, waistHeight: 990 },
      'client.insideLegLength',
    ],
    [
      'a leg in the wrong unit for the height',
      {},
      { heightMm: 1500, insideLegLength: 1000 },
      'client.insideLegLength',
    ],
  ] as const)('%s is refused at its field', (_name, piece, client, path) => {
    const pieces = [{ ...trousers, measures: {}, ...piece }];
    expect(faultsOf({ format: LOOK_FORMAT, client, pieces }).join('\n')).toContain(`${path}: `);
  });
});
