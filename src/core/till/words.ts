import { coded, type CodedBy, HOUSE_TONGUE, saidOf, spelt, type Tongue } from '../words';
import type { TillField } from './fields';

type Said = { readonly said: string };

/** Why a row of a till's file cannot come in as it stands. */
const faults = coded({
  'no-name': () => 'has no name',
  'no-kind': ({ said }: Said) => `“${said}”: which kind of garment is it?`,
  'no-size': () => 'has no size',
  'no-price': () => 'has no price',
  'not-price': ({ said }: Said) => `“${said}” is no price`,
  'other-currency': ({ said, currency }: Said & { currency: string }) =>
    `“${said}” is not in ${currency}, which the shop sells in`,
  'not-count': ({ said }: Said) => `“${said}” is no count`,
  'one-count': ({ sizes }: { sizes: string }) =>
    `one count for ${sizes}: write one for each size, as 2, 3, 1`,
  'too-long': ({ most }: { most: number }) => `is longer than ${most} characters`,
  twice: ({ said, row }: Said & { row: number }) => `${said} stands in row ${row} already`,
  'size-twice': ({ said, row }: Said & { row: number }) =>
    `${said} of this garment stands in row ${row} already`,
});

/** What was guessed of a row, or left out of it: it comes in all the same. */
const notes = coded({
  'colour-unknown': ({ said }: Said, by) => {
    const until = spelt('grey until you say', by);
    return said
      ? `the ${spelt('colour', by)} “${said}” is not known; ${until}`
      : `no ${spelt('colour', by)} is named; ${until}`;
  },
  'sku-made': () => 'no SKU; one is made from name and size',
  'ean-lost': ({ said }: Said) =>
    `the barcode ${said} was rounded by a spreadsheet and cannot be recovered; save that column as text, or scan it later`,
  'ean-odd': ({ said }: Said) => `${said} is no EAN-13 and is left out as a barcode`,
  'ean-twice': ({ said, row }: Said & { row: number }) =>
    `the barcode ${said} stands in row ${row} too and is left out here`,
  'no-count': () => 'no count; 0 until you count',
  'below-0': ({ said }: Said, by) => `${said} in the ${spelt('till', by)}; 0 until you count`,
  'other-price': ({ said, row, first }: Said & { row: number; first: string }) =>
    `${said} for one size of a garment that costs ${first} in row ${row}: a garment has one price, so it is ${first} here too. Give the size a name of its own if it costs another`,
  carried: () => 'name and kind from the row above',
  'not-understood': ({ said }: Said) => `not understood: ${said}`,
});

interface At {
  /** As a spreadsheet counts, from 1. */
  readonly row: number;
  readonly field: TillField;
}
export type TillFault = CodedBy<typeof faults> & At;
export type TillNote = CodedBy<typeof notes> & At;

export const tillFaultWords = (fault: TillFault, tongue: Tongue = HOUSE_TONGUE): string =>
  saidOf(faults, fault, tongue);
export const tillNoteWords = (note: TillNote, tongue: Tongue = HOUSE_TONGUE): string =>
  saidOf(notes, note, tongue);
