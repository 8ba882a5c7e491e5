import type { BoxView } from '@contracts/box/box-view';
import { type BoxRecord, occasionIdsOf } from '@data/box/boxes';
import { linesOf } from '@data/box/lines';
import { looksOf } from '@data/box/looks';
import type { Reader } from '@data/db';
import { closetOf } from '@data/client/closet';
import { occasionsOf } from '@data/client/occasions';
import { pieceOfOwned } from '@data/pieces';
import { clientOf, dressed } from '../client/profile';
import { shopOf, shopView } from '../shop/settings';
import { pieceOfLine } from './lines';

/** What a look of a box is made of and judged against; the box itself shows far more. */
export interface LookGround extends Pick<BoxView, 'shop' | 'client' | 'budgetMinor' | 'owned'> {
  readonly lines: readonly { readonly piece: BoxView['lines'][number]['piece'] }[];
  /** Occasions the box is styled for. */
  readonly occasions: BoxView['occasions'];
  readonly looks: Awaited<ReturnType<typeof looksOf>>;
}

export async function lookGround(db: Reader, shopId: string, row: BoxRecord): Promise<LookGround> {
  const chosen = await occasionIdsOf(db, row.id);
  const lines = await linesOf(db, row.id);
  return {
    shop: shopView(await shopOf(db, shopId)),
    client: dressed(await clientOf(db, shopId, row.clientId)),
    budgetMinor: row.budgetMinor,
    lines: lines.map((record) => ({ piece: pieceOfLine(record) })),
    owned: (await closetOf(db, row.clientId)).map(pieceOfOwned),
    occasions: (await occasionsOf(db, row.clientId)).filter(({ id }) => chosen.includes(id)),
    looks: await looksOf(db, row.id),
  };
}
