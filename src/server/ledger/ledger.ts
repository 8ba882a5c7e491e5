import type { Days } from '@contracts/ledger/days';
import {
  ledgerBackCall,
  ledgerBuyerCall,
  ledgerCall,
  ledgerLinesCall,
  ledgerSizesCall,
  type LedgerRow,
  type LedgerView,
} from '@contracts/ledger/ledger';
import { FIT_POINTS, isCutToBody } from '@core/fit';
import { keepRate, type LedgerBy, PRICE_BANDS, priorOf, type UnmetBy } from '@core/ledger';
import { money } from '@core/money';
import { CATEGORY, type Category } from '@core/piece';
import { labelSizes } from '@data/box/decisions';
import { spelt } from '@core/words';
import type { Reader } from '@data/db';
import {
  asksUnmet,
  daysOfBoxes,
  decisionsBy,
  garmentsSent,
  inMoney,
  type LedgerScope,
  linesBack,
  linesBehind,
  reasonsOf,
  sizeCurve,
  stockByAge,
} from '@data/ledger/decisions';
import type { Actor } from '../context';
import type { ShopRow } from '@data/shop/shops';
import { dayIn, shopOf, shopView } from '../shop/settings';
import { serve } from '../use-case';

/** Garments sent fewer times say nothing of whether they are kept. */
const OFTEN = 3;
const LISTED = 12;
const LINES_SHOWN = 200;

/** Every stylist sees the shop; how often a stylist's own pieces are kept is the owner's to see, and their own. */
function scopeOf({ shopId, id, role }: Actor, zone: string, by: LedgerBy, days: Days): LedgerScope {
  return { shopId, zone, ...days, ...(by === 'stylist' && role !== 'owner' ? { stylistId: id } : {}) };
}

/** The Ledger, sorted by something, with what stands around it. */
export async function ledgerView(
  db: Reader,
  actor: Actor,
  { by, ...days }: Days & { readonly by: LedgerBy },
  now: Date,
): Promise<LedgerView> {
  const shop = await shopOf(db, actor.shopId);
  const { zone, currency } = shop;
  const scope = scopeOf(actor, zone, by, days);
  const groups = await decisionsBy(db, by, scope);
  const prior = priorOf(groups);
  const rows = groups.map((group): LedgerRow => ({
    ...group,
    name: nameOf(by, group.name, shop),
    ...keepRate(group, prior),
  }));
  // Of all decisions, once each: a piece of a box for two occasions stands in two rows.
  const [all] = [by === 'occasion' ? await decisionsBy(db, 'kind', scope) : groups];
  const sum = (of: 'sent' | 'kept' | 'sentMinor' | 'keptMinor'): number =>
    all.reduce((total, group) => total + group[of], 0);
  const { boxes, toOut, toTally } = await daysOfBoxes(db, scope);
  return {
    by,
    currency,
    rows,
    all: { sent: sum('sent'), kept: sum('kept'), sentMinor: sum('sentMinor'), keptMinor: sum('keptMinor') },
    mean: prior.mean,
    pieces: Math.round(prior.pieces),
    reasons: await reasonsOf(db, scope),
    money: await inMoney(db, scope, dayIn(zone, now)),
    boxes,
    daysToOut: toOut,
    daysToTally: toTally,
  };
}

function nameOf(by: LedgerBy, name: string, { currency, english }: ShopRow): string {
  const plain = (minor: number): string => money(minor, currency).replace(/[.,]00$/, '');
  if (by === 'kind') return spelt(CATEGORY[name as Category]?.label ?? name, { english });
  if (by === 'colour') return spelt(name, { english });
  if (by === 'label') return name || 'no label';
  if (by === 'cut') return name || 'not said';
  if (by === 'occasion') return name || 'no occasion';
  if (by !== 'price') return name;
  const band = Number(name);
  const [low, high] = [PRICE_BANDS[band - 1], PRICE_BANDS[band]];
  if (low === undefined) return `under ${plain(high ?? 0)}`;
  return high === undefined ? `${plain(low)} and more` : `${plain(low)} to ${plain(high - 1)}`;
}

const unmetName = (by: UnmetBy, key: string, shop: ShopRow): string =>
  key === '' ? 'not said' : by === 'words' || by === 'size' ? key : nameOf(by, key, shop);

export const ledger = serve(ledgerCall, {
  run: ({ tx, actor, now }, input) => ledgerView(tx, actor, input, now),
});

export const ledgerLines = serve(ledgerLinesCall, {
  async run({ tx, actor }, { by, key, ...days }) {
    const { zone } = await shopOf(tx, actor.shopId);
    return { lines: await linesBehind(tx, by, key, scopeOf(actor, zone, by, days), LINES_SHOWN) };
  },
});

export const ledgerBack = serve(ledgerBackCall, {
  async run({ tx, actor }, { reason, ...days }) {
    const { zone } = await shopOf(tx, actor.shopId);
    return { lines: await linesBack(tx, reason, scopeOf(actor, zone, 'kind', days), LINES_SHOWN) };
  },
});

export const ledgerBuyer = serve(ledgerBuyerCall, {
  async run({ tx, actor, now }, { unmetBy, ...days }) {
    const shop = await shopOf(tx, actor.shopId);
    const { zone, currency } = shop;
    const scope = scopeOf(actor, zone, 'kind', days);
    return {
      currency,
      unmet: (await asksUnmet(tx, { shopId: actor.shopId, by: unmetBy }, LISTED)).map((each) => ({
        ...each,
        name: unmetName(unmetBy, each.key, shop),
      })),
      never: await garmentsSent(tx, scope, 'never', OFTEN, LISTED),
      always: await garmentsSent(tx, scope, 'always', OFTEN, LISTED),
      sizes: await sizeCurve(tx, scope),
      ages: await stockByAge(tx, actor.shopId, now),
    };
  },
});

export const ledgerSizes = serve(ledgerSizesCall, {
  async run({ tx, actor }) {
    const shop = await shopOf(tx, actor.shopId);
    const labels = await labelSizes(tx, actor.shopId);
    return {
      tongue: shopView(shop).tongue,
      // A bag comes back too small, and no body says by how much.
      labels: labels
        .filter(({ category }) => isCutToBody(category))
        .map(({ label, category, offset, since }) => ({
          label,
          kind: spelt(CATEGORY[category].label, shop),
          since: dayIn(shop.zone, since),
          points: FIT_POINTS.flatMap((point) => {
            const at = offset[point];
            return at ? [{ point, ...at }] : [];
          }).sort((a, b) => Math.abs(b.steps) - Math.abs(a.steps)),
        }))
        .sort((a, b) => Math.abs(b.points[0]?.steps ?? 0) - Math.abs(a.points[0]?.steps ?? 0)),
    };
  },
});
