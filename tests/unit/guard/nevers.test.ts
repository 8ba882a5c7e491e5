import { uncheckedWords } from '@core/guard';
import { neversMet } from '@core/rules/cover/nevers';
import { pieceFrom, type GivenPiece, wear } from '@core/piece';
import { describe, expect, it } from 'vitest';

const met = (given: Partial<GivenPiece> & Pick<GivenPiece, 'category'>, never: string) =>
  neversMet(wear(pieceFrom({ id: 'one', title: 'One', colours: [{ hex: '#84868a', share: 1 }], ...given })), [
    never,
  ]).map(({ says }) => says)[0];

const floral = { category: 'dress', pattern: { kind: 'floral' } } as const;
const navy = [{ hex: '#1f2a44', share: 1 }];

/** As people write them: the plural, the neck, the length, a height, two parts at once. */
const REFUSED: readonly [string, Parameters<typeof met>[0]][] = [
  ['florals', floral],
  ['flowery dresses', floral],
  ['prints', floral],
  ['Patterns.', { category: 'shirt', pattern: { kind: 'check' } }],
  ['polka dots', { category: 'blouse', pattern: { kind: 'dot' } }],
  ['leopard print', { category: 'scarf', pattern: { kind: 'animal' } }],
  ['heels', { category: 'heel' }],
  ['high heels', { category: 'heel' }],
  ['heels over 5 cm', { category: 'ankle-boot', measures: { heel: 70 } }],
  ['boots', { category: 'tall-boot' }],
  ['jumpers', { category: 'chunky-knit' }],
  ['polo necks', { category: 'fine-knit', cut: { neckline: 'roll' } }],
  ['sleeveless', { category: 'dress', cut: { sleeve: 'none' } }],
  ['sleeveless dresses', { category: 'dress' }],
  ['long sleeves', { category: 'shirt' }],
  ['sleeveless', { category: 'gilet' }],
  ['short skirts', { category: 'skirt', measures: { length: 430 } }],
  ['skinny jeans', { category: 'jeans', cut: { leg: 'skinny' } }],
  ['dark blue', { category: 'shirt', colours: navy }],
  ['navy trousers', { category: 'trousers', colours: navy }],
  ['velvets', { category: 'blazer', fabric: { texture: 'velvet' } }],
  ['anything oversized', { category: 'coat', volume: 'full' }],
  ['anything that needs ironing', { category: 'shirt', ironing: 'press' }],
  ['dry clean only', { category: 'coat', care: 'dry-clean' }],
  // Said as a never in a field of nevers.
  ['no navy', { category: 'shirt', colours: navy }],
  ['I never wear navy', { category: 'shirt', colours: navy }],
  ['doesn’t like florals', floral],
  ['nothing with polyester', { category: 'shirt', fabric: { fibres: [{ name: 'polyester', pct: 100 }] } }],
  ['no synthetics', { category: 'shirt', fabric: { fibres: [{ name: 'nylon', pct: 40 }] } }],
  ['never skirts above the knee', { category: 'skirt', measures: { length: 430 } }],
  ['nothing above the knee', { category: 'skirt', measures: { length: 430 } }],
  ['no heels over 5 cm', { category: 'heel', measures: { heel: 80 } }],
  ['no sleeves', { category: 'dress', cut: { sleeve: 'none' } }],
  ['patterned shirts', { category: 'shirt', pattern: { kind: 'check' } }],
  ['real fur', { category: 'coat', fabric: { texture: 'fur' } }],
  ['gold', { category: 'necklace', metal: 'yellow' }],
  ['silver jewellery', { category: 'ring', metal: 'white' }],
  ['merino jumpers', { category: 'fine-knit', fabric: { fibres: [{ name: 'merino', pct: 100 }] } }],
];
const FINE: readonly [string, Parameters<typeof met>[0]][] = [
  ['florals', { category: 'dress', pattern: { kind: 'stripe' } }],
  ['prints', { category: 'dress' }],
  ['prints', { category: 'tee', pattern: { kind: 'marl' } }],
  ['heels over 5 cm', { category: 'heel', measures: { heel: 40 } }],
  ['heels', { category: 'loafer' }],
  // What has no sleeves has no long ones.
  ['long sleeves', { category: 'trousers' }],
  ['long sleeves', { category: 'flat' }],
  ['long sleeves', { category: 'tank' }],
  ['sleeveless', { category: 'skirt' }],
  ['short skirts', { category: 'skirt', measures: { length: 760 } }],
  ['short skirts', { category: 'dress', measures: { length: 860 } }],
  ['sleeveless dresses', { category: 'tank' }],
  ['sleeveless dresses', { category: 'dress', cut: { sleeve: 'long' } }],
  ['navy trousers', { category: 'trousers' }],
  ['navy trousers', { category: 'shirt', colours: navy }],
  ['polo necks', { category: 'fine-knit', cut: { neckline: 'crew' } }],
  ['anything that needs ironing', { category: 'shirt', ironing: 'steam' }],
  ['no navy', { category: 'shirt' }],
  ['anything but navy', { category: 'shirt', colours: navy }],
  ['no heels over 5 cm', { category: 'heel', measures: { heel: 40 } }],
  ['leopard print', { category: 'scarf', pattern: { kind: 'stripe' } }],
  ['patterned shirts', { category: 'shirt' }],
  ['gold', { category: 'necklace', metal: 'white' }],
  ['gold dresses', { category: 'necklace', metal: 'yellow' }],
  // Nobody entered it: a never is a wish, and no question by itself.
  ['anything that needs ironing', { category: 'shirt' }],
  ['non-iron shirts', { category: 'trousers' }],
  ['Mondays', { category: 'shirt' }],
  ['', { category: 'shirt' }],
];

describe('a never, as people write it', () => {
  it.each(REFUSED)('%s is met', (never, piece) => {
    expect(met(piece, never)).toBe('holds');
  });
  it.each(FINE)('%s leaves the rest alone', (never, piece) => {
    expect(met(piece, never)).toBeUndefined();
  });
  it('that only half is understood, or is one thing here and another across the sea, is asked about', () => {
    expect(met({ category: 'trousers' }, 'trousers with mottos')).toBe('may');
    expect(met({ category: 'skirt' }, 'trousers with mottos')).toBeUndefined();
    expect(met({ category: 'trousers' }, 'pants')).toBe('may');
  });
  it('that nothing entered of a piece can tell is said to whoever wrote it, and no other', () => {
    for (const [never] of REFUSED) expect(uncheckedWords([never]), never).toBeUndefined();
    expect(uncheckedWords([])).toBeUndefined();
    expect(uncheckedWords(['', '  '])).toBeUndefined();
    expect(uncheckedWords(['navy', 'Mondays'])).toBe(
      'Check “Mondays” by eye: what is entered of a piece does not say.',
    );
    expect(uncheckedWords(['Mondays', 'my mother’s taste', 'showing my knees', 'wool'])).toBe(
      'Check “Mondays” and “my mother’s taste” by eye: what is entered of a piece does not say.',
    );
  });
});
