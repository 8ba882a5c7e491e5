import { ledgerChanceCall } from '@contracts/ledger/ledger';
import { colourName } from '@core/colour';
import { type Chance, CHANCE_FEATURES, CHANCE_LEAST, type ChanceModel, chanceModel } from '@core/ledger';
import type { Piece } from '@core/piece';
import type { Reader } from '@data/db';
import { decidedCases, decisionsStamp } from '@data/ledger/decisions';
import { LRUCache } from 'lru-cache';
import { serve } from '../use-case';

/** Decisions a model is taught by at most: the newest. */
const CASES_MOST = 5000;
/** Shops whose model is remembered. */
const SHOPS_MOST = 50;

interface Taught {
  readonly stamp: string;
  readonly cases: number;
  readonly model: ChanceModel | undefined;
}
const known = new LRUCache<string, Taught>({ max: SHOPS_MOST });

/** What a shop's decisions teach; remembered until it decides something more. */
async function taughtBy(db: Reader, shopId: string): Promise<Taught> {
  const stamp = await decisionsStamp(db, shopId);
  const before = known.get(shopId);
  if (before?.stamp === stamp) return before;
  const cases = await decidedCases(db, shopId, CASES_MOST);
  const taught = { stamp, cases: cases.length, model: chanceModel(cases) };
  known.set(shopId, taught);
  return taught;
}

/** A piece in the size a client would be sent, as it is weighed for its chance. */
interface Weighed {
  readonly piece: Piece;
  readonly label?: string | undefined;
  readonly verdict: string;
  readonly asked: boolean;
}

/**
 * The chance of pieces to be kept by a client; undefined where the shop's decisions teach nothing that is better than a mean.
 */
export async function chancesFor(
  db: Reader,
  shopId: string,
  clientId: string,
): Promise<((weighed: Weighed) => Chance) | undefined> {
  const { model } = await taughtBy(db, shopId);
  if (!model?.isBetter) return undefined;
  return ({ piece, label = '', verdict, asked }) =>
    model.chanceOf({
      client: clientId,
      label,
      kind: piece.category,
      colour: colourName(piece.colours[0]?.hex ?? '#808080'),
      priceMinor: piece.priceMinor ?? 0,
      asked,
      fit: verdict,
    });
}

export const ledgerChance = serve(ledgerChanceCall, {
  async run({ tx, actor }) {
    const { cases, model } = await taughtBy(tx, actor.shopId);
    return {
      cases,
      least: CHANCE_LEAST,
      model: model && {
        judgedOn: model.judgedOn,
        brier: model.brier,
        isBetter: model.isBetter,
        bins: model.bins,
        weights: CHANCE_FEATURES.map((feature) => ({ feature, weight: model.weights[feature] })),
      },
    };
  },
});
