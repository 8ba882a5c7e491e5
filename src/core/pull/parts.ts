import { type Piece, takesPart } from '../piece';

/** What of a client and a box may take a part. */
export interface Takers {
  readonly owned: readonly Piece[];
  /** Style codes of what is in the box already. */
  readonly inBox?: readonly string[] | undefined;
}

/** True for a part sold alone where nothing owned and nothing in the box takes it. */
export const fastensToNothing = (part: Piece, { owned, inBox = [] }: Takers): boolean =>
  part.fastensTo !== undefined &&
  ![...owned, ...inBox.map((styleId) => ({ styleId }))].some((each) => takesPart(each, part));
