import { forWhomCall, type ForWhomRow } from '@contracts/stock/for-whom';
import { isOpen } from '@core/box';
import { asFit } from '@core/fit';
import { forHer } from '@core/pull';
import { openAsks } from '@data/box/asks';
import { openBoxes } from '@data/box/boxes';
import { clientsWithMeasures } from '@data/client/clients';
import { closetsOf } from '@data/client/closet';
import { nextOccasions } from '@data/client/occasions';
import { grouped } from '@core/grouped';
import { pieceOfOwned } from '@data/pieces';
import { versionOfGarment } from '@data/stock/garments';
import { releaseExpired } from '@data/stock/holds';
import { candidatesOf, smallNumbersOf } from '../box/candidates';
import { notFound } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';

/** People shown at most. */
const MOST_SHOWN = 8;

export const forWhom = serve(forWhomCall, {
  async run({ tx, actor, now }, { garmentId }) {
    const shop = await shopOf(tx, actor.shopId);
    await releaseExpired(tx, now);
    const version = await versionOfGarment(tx, actor.shopId, garmentId);
    const [candidate] = await candidatesOf(tx, actor.shopId, version, now);
    if (!candidate) throw notFound('That garment');
    const people = await clientsWithMeasures(tx, actor.shopId);
    const ids = people.map(({ row }) => row.id);
    const closets = grouped(await closetsOf(tx, ids), ({ clientId }) => clientId);
    const boxes = (await openBoxes(tx, actor.shopId)).filter(({ box }) => isOpen(box.state));
    const asks = grouped(
      await openAsks(
        tx,
        boxes.map(({ box }) => box.id),
      ),
      ({ boxId }) => boxId,
    );
    const next = await nextOccasions(tx, ids, dayIn(shop.zone, now));
    const found = people.flatMap(({ row, profile }) => {
      const owned = closets.get(row.id) ?? [];
      const closet = owned.map(pieceOfOwned);
      const box = boxes.find((each) => each.box.clientId === row.id)?.box;
      const hers = forHer(
        candidate,
        {
          client: profile,
          closet,
          loved: owned.filter(({ loved }) => loved).map(({ id }) => `owned:${id}`),
          asks: box ? (asks.get(box.id) ?? []).map(({ ask }) => ask) : [],
        },
        shop.schools,
        smallNumbersOf(shop.english),
      );
      if (!hers) return [];
      const said: ForWhomRow = {
        clientId: row.id,
        name: row.name,
        client: profile,
        why: hers.why,
        fit: asFit(hers.choice),
        variantId: hers.choice.offer.variantId,
        closet,
        occasion: next.get(row.id),
        box: box && { id: box.id, number: box.number },
      };
      return [{ said, points: hers.points }];
    });
    found.sort((a, b) => b.points - a.points || (a.said.name < b.said.name ? -1 : 1));
    return { piece: candidate.piece, rows: found.slice(0, MOST_SHOWN).map(({ said }) => said) };
  },
});
