import { keepTillColumnsCall, tillColumnsCall } from '@contracts/stock/till-columns';
import { headSign } from '@core/till';
import { noteOfShop } from '@data/shop/shops';
import { note } from '../audit';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';

/** Files of so many shapes a shop remembers; the one settled longest ago goes first. */
const MOST_KEPT = 20;

export const tillColumns = serve(tillColumnsCall, {
  run: async ({ tx, actor }) => (await shopOf(tx, actor.shopId)).tillColumns,
});

/** The row is locked, so that two who settle two files at once keep both; of one file the last word stands. */
export const keepTillColumns = serve(keepTillColumnsCall, {
  async run(context, { headers, columns, kinds }) {
    const { tx, actor } = context;
    const { tillColumns: before } = await shopOf(tx, actor.shopId, true);
    const sign = headSign(headers);
    const others = before.filter((each) => each.sign !== sign);
    const kept = [...others.slice(-(MOST_KEPT - 1)), { sign, columns, kinds }];
    await noteOfShop(tx, actor.shopId, { tillColumns: kept });
    await note(context, 'settle till columns', 'shop', actor.shopId, { columns: columns.length });
    return { kept: kept.length };
  },
});
