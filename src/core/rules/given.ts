import type { Category, GivenPiece } from '../piece';

/** A plain piece of an example, called by its category. */
export const solid = (
  category: Category,
  hex: string,
  more: Partial<GivenPiece> & { readonly id?: string } = {},
): GivenPiece => ({ id: category, category, colours: [{ hex, share: 1 }], ...more });

/** A printed piece of an example: ground and figure. */
export const printed = (
  category: Category,
  [ground, figure]: readonly [string, string],
  pattern: NonNullable<GivenPiece['pattern']>,
  more: Partial<GivenPiece> = {},
): GivenPiece => ({
  id: category,
  category,
  colours: [
    { hex: ground, share: 0.65 },
    { hex: figure, share: 0.35 },
  ],
  pattern: { contrast: 0.5, ...pattern },
  ...more,
});
