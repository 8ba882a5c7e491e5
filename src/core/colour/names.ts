import { deltaE } from './delta-e';
import { lab } from './lab';

/** The words a person uses for cloth. Values from memory, chosen by eye on a grey ground. */
const NAMED: readonly (readonly [string, string])[] = [
  ['black', '#17171a'],
  ['charcoal', '#3d3f45'],
  ['grey', '#84868a'],
  ['pale grey', '#c3c5c7'],
  ['white', '#fbfbf9'],
  ['ivory', '#f3ecdc'],
  ['cream', '#ebdfc3'],
  ['oatmeal', '#d3c5ab'],
  ['tan', '#b98f60'],
  ['camel', '#ad8350'],
  ['brown', '#5f4331'],
  ['chocolate', '#3b2a22'],
  ['rust', '#9c4a24'],
  ['terracotta', '#bb6446'],
  ['orange', '#e07b2c'],
  ['mustard', '#c6962d'],
  ['yellow', '#ecc943'],
  ['pale yellow', '#f3e6a5'],
  ['olive', '#66673a'],
  ['moss', '#56663f'],
  ['sage', '#a4b096'],
  ['green', '#3c7d4b'],
  ['bottle green', '#1f4032'],
  ['mint', '#bfe0cd'],
  ['teal', '#1f6a6b'],
  ['lake', '#3a7f8c'],
  ['sky', '#a6c8de'],
  ['blue', '#3a67ad'],
  ['cobalt', '#25489f'],
  ['denim blue', '#4b6584'],
  ['navy', '#1f2a44'],
  ['lavender', '#bcb1d6'],
  ['purple', '#5f3f84'],
  ['plum', '#532a45'],
  ['burgundy', '#611f2f'],
  ['red', '#b3222e'],
  ['coral', '#e2735f'],
  ['pink', '#e6a6b3'],
  ['pale pink', '#f2d7d7'],
  ['fuchsia', '#b52a72'],
  ['rose', '#c46a7a'],
  ['gold', '#c2a14e'],
  ['silver', '#b9bcc0'],
];

/** The nearest name a person would use for a colour, by CIEDE2000: `navy`, `sage`, `rust`. */
export function colourName(hex: string): string {
  const wanted = lab(hex);
  let best = 'black';
  let least = Infinity;
  for (const [name, at] of NAMED) {
    const apart = deltaE(wanted, lab(at));
    if (apart < least) [best, least] = [name, apart];
  }
  return best;
}

/** All names with their hex, for pickers and for reading lists in words. */
export const colourNames: readonly { readonly name: string; readonly hex: string }[] = NAMED.map(
  ([name, hex]) => ({ name, hex }),
);

/** The colour somebody wrote the name of: "navy", "pale-grey", "Gray"; undefined for a name that is none of ours. */
export function colourNamed(said: string): (typeof colourNames)[number] | undefined {
  const wanted = said.trim().toLowerCase().replaceAll('-', ' ').replaceAll('gray', 'grey');
  return colourNames.find(({ name }) => name === wanted);
}
