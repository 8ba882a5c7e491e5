import { planPrinted, readPlan } from '@contracts/plan-file';
import { describe, expect, it } from 'vitest';

const shirt = { id: 'shirt', category: 'shirt', colours: [{ hex: '#fbfbf9', share: 1 }], priceMinor: 8900 };
const skirt = {
  id: 'skirt',
  category: 'skirt',
  colours: [{ hex: '#1f2a44', share: 1 }],
  priceMinor: 9900,
  keep: 0.9,
};
const file = (more: object = {}): string =>
  JSON.stringify({
    format: 'ivory-rail/plan@1',
    occasions: [{ title: 'the office', formality: [4, 7] }],
    closet: [
      { id: 'trousers', category: 'trousers', colours: [{ hex: '#84868a', share: 1 }] },
      { id: 'loafers', category: 'loafer', colours: [{ hex: '#3b2a22', share: 1 }] },
    ],
    candidates: [shirt, skirt],
    budgetMinor: 20_000,
    most: 2,
    ...more,
  });
const faults = (text: string): readonly string[] => {
  const read = readPlan(text);
  return read.ok ? [] : read.faults.map(({ path, message }) => `${path}: ${message}`);
};

describe('a plan file', () => {
  it('is planned and printed as the format states', async () => {
    const read = readPlan(file());
    if (!read.ok) throw new Error(JSON.stringify(read.faults));
    const printed = await planPrinted(read.file, 1, () => 0);
    expect(printed).toMatchObject({
      format: 'ivory-rail/plan@1',
      pieces: ['shirt', 'skirt'],
      spentMinor: 18_800,
      occasions: [{ title: 'the office' }],
      ms: 0,
    });
    expect(printed.refusal).toHaveLength(2);
    expect(printed).not.toHaveProperty('bound');
    const proved = await planPrinted(
      read.file,
      1,
      () => 0,
      async () => (printed.value as number) + 1,
    );
    expect(proved.gap).toBeCloseTo(1 / ((printed.value as number) + 1), 3);
  });
  it('prints the musts that contradict each other', async () => {
    const read = readPlan(file({ budgetMinor: 5000, asks: [{ text: 'a white shirt', must: true }] }));
    if (!read.ok) throw new Error('refused');
    expect(await planPrinted(read.file, 1, () => 0)).toMatchObject({
      pieces: [],
      conflict: ['budget', 'a white shirt'],
    });
  });
  it('is refused with every fault and its path', () => {
    expect(
      faults(
        file({
          candidates: [shirt, { ...skirt, id: 'shirt', keep: 2 }],
          pins: ['hat'],
          most: 2.5,
          asks: [{}],
          bounds: { dress: [3, 1] },
        }),
      ),
    ).toEqual(
      expect.arrayContaining([
        expect.stringMatching(/^candidates\[1\]\.keep/),
        expect.stringMatching(/^most/),
        expect.stringMatching(/^asks\[0\]/),
      ]),
    );
    expect(
      faults(
        file({ pins: ['hat'], candidates: [shirt, { ...skirt, id: 'shirt' }], bounds: { dress: [3, 1] } }),
      ),
    ).toEqual([
      'candidates[1].id: there are two pieces shirt',
      'pins[0]: there is no candidate hat',
      'bounds.dress: the least is above the most',
    ]);
    expect(faults('nonsense')).toHaveLength(1);
  });
});
