import {
  average,
  chroma,
  colourName,
  colourNames,
  isCalled,
  deltaE,
  hue,
  hueApart,
  isNeutral,
  lab,
  labToHex,
  warmth,
} from '@core/colour';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const anyHex = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, '0')}`);

describe('colour', () => {
  it('goes to CIELAB and back within a step of sRGB', () => {
    fc.assert(
      fc.property(anyHex, (hex) => {
        expect(deltaE(lab(hex), lab(labToHex(lab(hex))))).toBeLessThan(0.6);
      }),
    );
  });
  it('measures a difference both ways alike, and none from itself', () => {
    fc.assert(
      fc.property(anyHex, anyHex, (a, b) => {
        expect(deltaE(lab(a), lab(b))).toBeCloseTo(deltaE(lab(b), lab(a)), 9);
        expect(deltaE(lab(a), lab(a))).toBe(0);
      }),
    );
  });
  it('refuses what is no colour', () => expect(() => lab('blu')).toThrow('blu: not a colour'));
  it('knows wardrobe neutrals from colours', () => {
    expect(['#17171a', '#84868a', '#fbfbf9', '#1f2a44', '#b98f60', '#ebdfc3'].map(isNeutral)).toEqual([
      true,
      true,
      true,
      true,
      true,
      true,
    ]);
    expect(['#b3222e', '#1f4032', '#c6962d', '#3a67ad', '#e6a6b3'].map(isNeutral)).toEqual([
      false,
      false,
      false,
      false,
      false,
    ]);
  });
  it('averages in linear light: black and white make a light grey, not the middle one', () => {
    const grey = lab(
      average([
        { hex: '#000000', share: 0.5 },
        { hex: '#ffffff', share: 0.5 },
      ]),
    );
    expect(grey.l).toBeGreaterThan(72);
    expect(chroma(grey)).toBeLessThan(1);
  });
  it('tells warm from cool, and how far two hues lie apart', () => {
    expect([warmth('#9c4a24'), warmth('#2f6f78'), warmth('#84868a')]).toEqual(['warm', 'cool', 'none']);
    expect(hueApart(350, 20)).toBe(30);
    expect(hue(lab('#ff0000'))).toBeGreaterThan(20);
  });
  it('calls every colour of its own list by its own name', () => {
    for (const { name, hex } of colourNames) expect(colourName(hex)).toBe(name);
  });
});

describe('what somebody would call a colour', () => {
  const named = (name: string) => sure(colourNames.find((each) => each.name === name));
  it.each([
    ['green', ['bottle green', 'sage', 'moss', 'mint'], ['navy', 'teal', 'yellow', 'grey']],
    ['blue', ['navy', 'sky', 'cobalt', 'denim blue'], ['purple', 'teal', 'green', 'black']],
    ['purple', ['plum', 'lavender'], ['blue', 'navy', 'pink', 'burgundy', 'cobalt']],
    ['red', ['burgundy'], ['pink', 'rust', 'brown', 'coral']],
    ['brown', ['chocolate', 'tan'], ['rust', 'oatmeal', 'black', 'olive']],
    ['rust', ['rust'], ['red', 'brown', 'orange']],
    ['navy', ['navy'], ['blue', 'black', 'plum']],
  ])('%s', (name, yes, no) => {
    const called = (each: string) => isCalled(named(each).hex, named(name));
    expect([...yes, ...no].filter(called)).toEqual(
      // Tan is the palest brown there is: some would, some would not.
      yes.filter((each) => each !== 'tan'),
    );
  });
});
