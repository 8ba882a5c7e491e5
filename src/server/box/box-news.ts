import { createHash } from 'node:crypto';
import { boxNewsCall } from '@contracts/box/box-news';
import { linesIn } from '@data/box/lines';
import { looksOf } from '@data/box/looks';
import { serve } from '../use-case';
import { dressedBox } from './box-view';
import { boxOf } from './lines';

/** Two stylists on one box: each hears of what the other saved. The box is read whole only when something is new. */
export const boxNews = serve(boxNewsCall, {
  async run({ tx, actor, now }, { boxId, mark: known }) {
    const row = await boxOf(tx, actor.shopId, boxId);
    const looks = await looksOf(tx, boxId);
    const lines = await linesIn(tx, [boxId]);
    const mark = createHash('sha256')
      .update(
        JSON.stringify([
          row.version,
          row.state,
          looks.map(({ id, version }) => [id, version]),
          lines.map(({ id, variantId, nudge }) => [id, variantId, nudge]).sort(),
        ]),
      )
      .digest('base64url');
    return { mark, box: mark === known ? null : await dressedBox(tx, actor, boxId, now) };
  },
});
