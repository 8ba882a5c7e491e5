import { type FitFile, fittingOf, readFits } from '@contracts/fit-file';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

interface Printed {
  readonly send: string | null;
  readonly verdicts: readonly {
    readonly label: string;
    readonly verdict: string;
    readonly point?: string;
    readonly origin?: string;
  }[];
  readonly between?: readonly string[];
  readonly makesItWork?: string;
  readonly faults?: readonly { readonly path: string; readonly message: string }[];
}
const read = (value: unknown): readonly FitFile[] => {
  const found = readFits(typeof value === 'string' ? value : JSON.stringify(value));
  if (!found.ok) throw new Error(JSON.stringify(found.faults));
  return found.files;
};
const fit = (value: unknown): Printed => fittingOf(sure(read(value)[0])) as unknown as Printed;
const faults = (text: string): string[] => {
  const found = readFits(text);
  return found.ok ? [] : found.faults.map(({ path, message }) => `${path}: ${message}`);
};

const her = { heightMm: 1680, bust: 920, waist: 740, hip: 990, armLength: 600, footLength: 245 };
const shirt = { category: 'shirt', department: 'women' };
const bust = (label: string, mm: number) => ({ label, measures: { bust: mm } });

describe('a fit file', () => {
  it('is one garment, an array of them, or a line for each', () => {
    const one = { garment: shirt, sizes: [bust('M', 1020)], client: her };
    expect(read(one)).toHaveLength(1);
    expect(read([one, one])).toHaveLength(2);
    expect(read(`${JSON.stringify(one)}\n${JSON.stringify(one)}\n`)).toHaveLength(2);
    expect(read(`\uFEFF${JSON.stringify(one)}`)).toHaveLength(1);
    expect(read({ ...one, sizes: [{ system: 'EU', label: 38 }] })[0]?.sizes[0]?.label).toBe('38');
  });

  it('is refused whole, every fault with the place it stands at', () => {
    expect(
      faults(
        JSON.stringify([
          { garment: { category: 'hat' }, sizes: [] },
          { garment: { category: 'hut' }, sizes: [{ label: 'M', measures: { bust: -3 } }], extra: 1 },
          {
            format: 'ivory-rail/look@1',
            garment: shirt,
            sizes: [bust('M', 1000)],
            client: { heightMm: 168 },
          },
        ]),
      ),
    ).toEqual([
      '[0].sizes: a garment has at least one size',
      '[1].garment.category: not a known category',
      '[1].sizes[0].measures.bust: at least 400 mm',
      '[1].extra: not a known field',
      '[2].format: the format is ivory-rail/fit@1',
      '[2].client.heightMm: at least 120 cm (47¼ in): is the unit right?',
    ]);
    expect(faults('')).toEqual(['(file): the file is empty']);
    expect(faults('{"garment":1}\n{oh').at(-1)).toMatch(/^\[1\]: not JSON/);
    expect(faults('7')[0]).toMatch(/^\(whole\): /);
    expect(faults('[7]')[0]).toMatch(/^\[0\]: /);
    expect(faults('[{"sizes":[{"label":"M"}],"garment":{"category":"tee","x":1}}]')).toEqual([
      '[0].garment.x: not a known field',
    ]);
  });
});

describe('what would be sent', () => {
  it('is the size whose measures leave the ease that is wanted, and each size says how it fits', () => {
    const said = fit({
      client: her,
      garment: shirt,
      sizes: [bust('S', 960), bust('M', 1020), bust('L', 1240)],
    });
    expect(said.send).toBe('M');
    expect(said.verdicts).toEqual([
      { label: 'S', verdict: 'close', point: 'bust', easeMm: 40, origin: 'given' },
      { label: 'M', verdict: 'right', point: 'bust', easeMm: 100, origin: 'given' },
      { label: 'L', verdict: 'too big', point: 'bust', easeMm: 320, origin: 'given' },
    ]);
    expect(said.faults).toBeUndefined();
  });
  it('is nothing where none can be worn, and what would make one work is said', () => {
    const none = fit({ client: her, garment: shirt, sizes: [bust('XXS', 800)] });
    expect([none.send, none.verdicts[0]?.verdict, none.makesItWork]).toEqual([
      null,
      'too small',
      'Nothing makes this one work.',
    ]);
    const blazer = { category: 'blazer', department: 'women' };
    const close = fit({ client: her, garment: blazer, sizes: [bust('XS', 1000)] });
    expect([close.send, close.makesItWork]).toEqual(['XS', 'Worn open, or with nothing beneath, it works.']);
    const hip = (mm: number) => [{ label: 'S', measures: { hip: mm } }];
    const tight = fit({ client: her, garment: { ...blazer, category: 'trousers' }, sizes: hip(1000) });
    expect([tight.verdicts[0]?.verdict, tight.makesItWork]).toEqual([
      'close',
      'It can be worn, and sits close.',
    ]);
  });
  it('goes by the table of its label where nobody measured the garment', () => {
    const sizes = ['8', '12', '16'].map((label) => ({ system: 'UK', label }));
    const said = fit({ client: her, garment: { ...shirt, category: 'dress' }, sizes });
    expect(said.verdicts.map(({ origin }) => origin)).toEqual(['chart', 'chart', 'chart']);
    expect([said.verdicts[0]?.verdict, said.verdicts[2]?.verdict]).toEqual(['too small', 'too big']);
    expect(said.send).toBe('12');
  });
  it('stands on a usual size where she was never measured, and a measure she has goes before it', () => {
    const sizes = ['10', '12', '14'].map((label) => ({ system: 'UK', label }));
    const garment = { ...shirt, category: 'dress' };
    const usual = { system: 'UK', label: '12' };
    expect(fit({ garment, sizes, usual }).send).toBe('12');
    expect(fit({ garment, sizes, usual, client: { ...her, bust: 980, waist: 800, hip: 1050 } }).send).toBe(
      '14',
    );
  });
  it('reads a foot by its own tables, whatever else the garment comes in', () => {
    const boots = { category: 'ankle-boot', department: 'women' };
    const sizes = [
      { system: 'EU', label: 38 },
      { system: 'EU', label: 39 },
    ];
    const usual = { system: 'EU', label: '39' };
    expect(fit({ garment: boots, sizes, usual }).send).toBe('39');
    const odd = fit({ garment: boots, sizes: [...sizes, { label: 'quux' }], usual });
    expect(odd.send).toBe('39');
    expect(odd.faults).toEqual([
      { path: 'sizes[2].label', message: 'no table knows quux, and nobody measured it' },
    ]);
    // A dress size says nothing of a foot.
    const dress = fit({ garment: boots, sizes, client: { bust: 920 } });
    expect([dress.send, dress.verdicts, dress.faults?.[0]?.path]).toEqual([null, [], 'client']);
  });
  it('asks for something of the body where a size has to be held against one, and not of one size', () => {
    expect(fit({ garment: shirt, sizes: [bust('M', 1000)] }).faults).toEqual([
      { path: 'client', message: 'nothing is known of the body: a measure or a usual size is needed' },
    ]);
    const belt = fit({ garment: { category: 'belt' }, sizes: [{ label: 'One size' }] });
    expect([belt.send, belt.faults]).toEqual(['One size', undefined]);
  });
  it('says between which two she stands, and takes the one her school takes', () => {
    const sizes = [bust('S', 1000), bust('M', 1060)];
    const said = fit({ client: her, garment: shirt, sizes });
    expect(said.between).toEqual(['S', 'M']);
    expect(['S', 'M']).toContain(said.send);
    const coat = {
      client: her,
      garment: { ...shirt, category: 'blazer' },
      sizes: [bust('S', 1050), bust('M', 1110)],
    };
    const layered = fit({ ...coat, schools: { size: 'up to layer' } });
    expect([layered.send, layered.between]).toEqual(['M', ['S', 'M']]);
  });
});
