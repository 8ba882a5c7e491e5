import type { Days } from '@contracts/ledger/days';
import { setImmediate as breath } from 'node:timers/promises';
import {
  ledgerProposalsCall,
  type ProposalView,
  ledgerReplayCall,
  ledgerRulesCall,
  type RuleReplayView,
  tuneByTrialCall,
} from '@contracts/ledger/trial';
import { piecesOf, settingOf } from '@contracts/look-pieces';
import { grouped } from '@core/grouped';
import { ownTuning, type Rule, ruleOf, type Tuning } from '@core/rules';
import {
  PROPOSED_FROM,
  replay,
  ruleRecord,
  sceneOfTried,
  type TrialProposal,
  trialProposals,
  type TriedScene,
} from '@core/trial';
import { linesOfBoxes } from '@data/box/lines';
import { everOwned } from '@data/client/closet';
import { clientsWithMeasures } from '@data/client/clients';
import type { Reader } from '@data/db';
import { decisionsStamp } from '@data/ledger/decisions';
import { looksTried, rulesTried } from '@data/ledger/trial';
import { pieceOfOwned } from '@data/pieces';
import { changeShop } from '@data/shop/shops';
import type { ShopRow } from '@data/shop/shops';
import { LRUCache } from 'lru-cache';
import { note } from '../audit';
import { pieceOfLine } from '../box/lines';
import { dressed } from '../client/profile';
import { invalid, stale } from '../problem';
import { shopOf, shopView } from '../shop/settings';
import { serve } from '../use-case';

/** Looks that are replayed at most: the newest. */
const REPLAYED_MOST = 400;
/** Looks that are shown of those that would change. */
const SHOWN = 12;
/** Looks seen between two breaths, so that others are served meanwhile. */
const A_BREATH = 4;

export const ledgerRules = serve(ledgerRulesCall, {
  async run({ tx, actor }, days) {
    const { zone } = await shopOf(tx, actor.shopId);
    const { all, unknown, rules } = await rulesTried(tx, { shopId: actor.shopId, zone, ...days });
    return {
      looks: all.looks,
      unknown,
      rules: rules.flatMap(({ aside, rule: id, ...against }) => {
        const rule = ruleOf(id);
        return rule?.mayOverrule ? [{ rule: id, title: rule.title, aside, ...ruleRecord(all, against) }] : [];
      }),
    };
  },
});

/** Shops whose proposals are remembered. */
const SHOPS_MOST = 50;
type Proposals = ReadonlyMap<string, TrialProposal>;
const proposed = new LRUCache<string, Proposals>({ max: SHOPS_MOST });

/** What the looks of a shop propose; remembered until it decides something more or tunes a rule. */
async function proposalsFor(db: Reader, shop: ShopRow, days: Days): Promise<Proposals> {
  const stamp = await decisionsStamp(db, shop.id);
  const key = JSON.stringify([shop.id, shop.version, stamp, days]);
  const before = proposed.get(key);
  if (before) return before;
  const { rules } = await rulesTried(db, { shopId: shop.id, zone: shop.zone, ...days });
  const often = rules.flatMap(({ rule, looks }) => (looks >= PROPOSED_FROM ? (ruleOf(rule) ?? []) : []));
  const making = trialProposals(
    often,
    often.length > 0 ? await triedScenes(db, shop, days) : [],
    shop.ruleSettings,
  );
  let step = making.next();
  for (; !step.done; step = making.next()) await breath();
  proposed.set(key, step.value);
  return step.value;
}

export const ledgerProposals = serve(ledgerProposalsCall, {
  async run({ tx, actor }, days) {
    const proposals = await proposalsFor(tx, await shopOf(tx, actor.shopId), days);
    return {
      proposals: Object.fromEntries([...proposals].map(([rule, each]) => [rule, proposalView(each)])),
    };
  },
});

const proposalView = ({ tuning, name, value, silenced: { looks, share } }: TrialProposal): ProposalView => ({
  tuning,
  name,
  value,
  silenced: { looks, share },
});

/** Whoever tries one threshold tries another: what the rules see in the looks is kept for so long, of a few shops. */
const SEEN_MS = 120_000;
const SEEN_SHOPS = 4;
const seen = new LRUCache<string, (TriedScene & Sent)[]>({ max: SEEN_SHOPS, ttl: SEEN_MS });

async function triedScenes(db: Reader, shop: ShopRow, days: Days): Promise<(TriedScene & Sent)[]> {
  const stamp = await decisionsStamp(db, shop.id);
  const key = JSON.stringify([shop.id, stamp, shop.schools, days]);
  const before = seen.get(key);
  if (before) return before;
  const scenes = await seenScenes(db, shop, days);
  seen.set(key, scenes);
  return scenes;
}

/** The looks that went out, dressed as they were, for clients as they are known today. */
async function seenScenes(db: Reader, shop: ShopRow, days: Days): Promise<(TriedScene & Sent)[]> {
  const rows = await looksTried(db, { shopId: shop.id, zone: shop.zone, ...days }, REPLAYED_MOST);
  const clients = new Map((await clientsWithMeasures(db, shop.id)).map((each) => [each.row.id, each]));
  const lines = grouped(
    await linesOfBoxes(db, [...new Set(rows.map(({ box }) => box.id))]),
    ({ line }) => line.boxId,
  );
  const owned = grouped(
    await everOwned(db, [...new Set(rows.map(({ box }) => box.clientId))]),
    ({ clientId }) => clientId,
  );
  const found: (TriedScene & Sent)[] = [];
  for (const [i, { look, box, occasion, sent, kept }] of rows.entries()) {
    if (i % A_BREATH === 0) await breath();
    const client = clients.get(box.clientId);
    if (!client) continue;
    const view = {
      client: dressed(client),
      shop: shopView(shop),
      budgetMinor: box.budgetMinor,
      lines: (lines.get(box.id) ?? []).map((record) => ({ piece: pieceOfLine(record) })),
      owned: (owned.get(box.clientId) ?? []).map(pieceOfOwned),
    };
    const pieces = piecesOf(view, look.pieces);
    const setting = settingOf(view, occasion);
    const scene = sceneOfTried({ id: look.id, pieces, setting, sent, kept });
    found.push({ ...scene, boxId: box.id, number: box.number, title: look.title, client: client.profile });
  }
  return found;
}

/** Of what box a look was, for whoever opens it. */
type Sent = Pick<RuleReplayView['changed'][number], 'boxId' | 'number' | 'title' | 'client'>;

/** A rule as the shop tunes it, with the change that is tried laid over it. */
function triedTuning(
  rule: Rule,
  now: Tuning | undefined,
  { off, thresholds }: Pick<Tuning, 'off' | 'thresholds'>,
): Tuning {
  return ownTuning(rule, { ...now, off, thresholds }) ?? {};
}

function ruleNamed(id: string): Rule {
  const rule = ruleOf(id);
  if (!rule) throw invalid([{ path: 'rule', message: 'not a rule' }]);
  return rule;
}

export const ledgerReplay = serve(ledgerReplayCall, {
  async run({ tx, actor }, { rule: id, then: wanted, ...days }) {
    const rule = ruleNamed(id);
    const shop = await shopOf(tx, actor.shopId);
    const scenes = await triedScenes(tx, shop, days);
    const now = shop.ruleSettings[id];
    const proposal = (await proposalsFor(tx, shop, days)).get(id);
    const then = wanted ? triedTuning(rule, now, wanted) : (proposal?.tuning ?? now ?? {});
    const { fallsSilent, speaksUp, ...records } = replay(rule, scenes, now, then);
    const silenced = new Set(fallsSilent.ids);
    const isChanged = new Set([...fallsSilent.ids, ...speaksUp.ids]);
    return {
      version: shop.version,
      looks: scenes.length,
      now: now ?? {},
      then,
      ...records,
      fallsSilent: { looks: fallsSilent.looks, share: fallsSilent.share },
      speaksUp: { looks: speaksUp.looks, share: speaksUp.share },
      proposal: proposal && proposalView(proposal),
      changed: scenes
        .filter(({ look }) => isChanged.has(look.id))
        .slice(0, SHOWN)
        .map(({ look, boxId, number, title, client }) => ({
          id: look.id,
          boxId,
          number,
          title,
          isSilenced: silenced.has(look.id),
          sent: look.sent,
          kept: look.kept,
          pieces: look.pieces,
          client,
        })),
    };
  },
});

export const tuneByTrial = serve(tuneByTrialCall, {
  async run(context, { version, then: wanted, ...days }) {
    const { tx, actor } = context;
    const rule = ruleNamed(wanted.rule);
    // Replayed before the row is locked: nobody waits for it.
    const shop = await shopOf(tx, actor.shopId);
    const now = shop.ruleSettings[rule.id];
    const then = triedTuning(rule, now, wanted);
    const { fallsSilent, speaksUp } = replay(rule, await triedScenes(tx, shop, days), now, then);
    const locked = await shopOf(tx, actor.shopId, true);
    if (locked.version !== version || shop.version !== version)
      throw stale([{ path: 'rules', message: 'the house rules were saved elsewhere' }], {
        version: locked.version,
      });
    const { [rule.id]: _before, ...others } = shop.ruleSettings;
    await changeShop(tx, actor.shopId, {
      ruleSettings: Object.keys(then).length > 0 ? { ...others, [rule.id]: then } : others,
    });
    await note(context, 'tune rules', 'shop', actor.shopId, {
      changed: [rule.id],
      fallsSilent: fallsSilent.looks,
      keptOfSilenced: Math.round(fallsSilent.share * 10) / 10,
      speaksUp: speaksUp.looks,
    });
    return { version: version + 1 };
  },
});
