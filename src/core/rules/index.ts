import { echo } from './colour/c1-echo';
import { nearMiss } from './colour/c2-near-miss';
import { plain } from './colour/c3-plain';
import { tonal } from './colour/c4-tonal';
import { clash } from './colour/c5-clash';
import { bracket } from './colour/c6-bracket';
import { hides } from './colour/c7-hides';
import { metals } from './colour/c8-metals';
import { ownColours } from './colour/c9-own-colours';
import { depthOfSeason } from './colour/c10-depth';
import { eveningInTown } from './colour/c11-evening';
import { skin } from './colour/c12-skin';
import { mix } from './pattern/n1-mix';
import { printCount } from './pattern/n2-count';
import { calm } from './pattern/n3-calm';
import { printAndJewels } from './pattern/n4-print-and-jewels';
import { direction } from './pattern/n5-direction';
import { touch } from './surface/s1-touch';
import { shine } from './surface/s2-shine';
import { suede } from './surface/s3-suede';
import { clothSeason } from './surface/s4-cloth-season';
import { statements } from './focus/f1-budget';
import { neighbours } from './focus/f2-neighbours';
import { neckline } from './focus/f3-neckline';
import { hairAndEars } from './focus/f4-hair-and-ears';
import { feature } from './focus/f5-feature';
import { bareSide } from './focus/f6-bare-side';
import { theme } from './focus/f7-theme';
import { quietFoot } from './focus/f8-quiet-foot';
import { moodAndEdge } from './focus/f9-mood-and-edge';
import { scale } from './focus/f10-scale';
import { band } from './formality/r1-band';
import { lift } from './formality/r2-lift';
import { spread } from './formality/r3-spread';
import { hour } from './formality/r4-hour';
import { code } from './formality/r5-code';
import { hemOffFloor } from './proportion/p1-hem-off-floor';
import { leggingCover } from './proportion/p2-legging-cover';
import { legLine } from './proportion/p3-leg-line';
import { thirds } from './proportion/p4-thirds';
import { volume } from './proportion/p5-volume';
import { gap } from './proportion/p6-gap';
import { tallBoots } from './proportion/p7-tall-boots';
import { toe } from './proportion/p8-toe';
import { waistband } from './proportion/p9-waistband';
import { tuck } from './proportion/p10-tuck';
import { under } from './proportion/p11-under';
import { tiers } from './proportion/p12-tiers';
import { straps } from './proportion/p13-straps';
import { balance } from './proportion/p14-balance';
import { shortHem } from './proportion/p15-short-hem';
import { block } from './proportion/p16-block';
import { detailHeight } from './proportion/p17-detail-height';
import { apparentLeg } from './proportion/p18-apparent-leg';
import { cover } from './cover/k1-cover';
import { alone } from './cover/k2-alone';
import { limits } from './cover/k4-limits';
import { allergy } from './cover/k5-allergy';
import { safety } from './cover/k6-safety';
import { size } from './cover/k8-size';
import { cling } from './cover/k9-cling';
import { seated } from './cover/k10-seated';
import { longDay } from './cover/k11-long-day';
import { warmth } from './weather/w1-warmth';
import { peel } from './weather/w2-peel';
import { ground } from './weather/w3-ground';
import { heat } from './weather/w4-heat';
import { possible } from './ways/m1-possible';
import { effect } from './ways/m2-effect';
import { price } from './use/u6-price';
import type { Speaker } from '../say';
import { type Finding, sentenceOf } from './finding';
import type { Rule } from './rule';

/** Every rule in force, facet by facet. Adding one touches its file and this list. */
export const RULES: readonly Rule[] = [
  echo,
  nearMiss,
  plain,
  tonal,
  clash,
  bracket,
  hides,
  metals,
  ownColours,
  depthOfSeason,
  eveningInTown,
  skin,
  mix,
  printCount,
  calm,
  printAndJewels,
  direction,
  touch,
  shine,
  suede,
  clothSeason,
  statements,
  neighbours,
  neckline,
  hairAndEars,
  feature,
  bareSide,
  theme,
  quietFoot,
  moodAndEdge,
  scale,
  band,
  lift,
  spread,
  hour,
  code,
  hemOffFloor,
  leggingCover,
  legLine,
  thirds,
  volume,
  gap,
  tallBoots,
  toe,
  waistband,
  tuck,
  under,
  tiers,
  straps,
  balance,
  shortHem,
  block,
  detailHeight,
  apparentLeg,
  cover,
  alone,
  limits,
  allergy,
  safety,
  size,
  cling,
  seated,
  longDay,
  warmth,
  peel,
  ground,
  heat,
  possible,
  effect,
  price,
];

/** The rule of an id, or undefined. */
const BY_ID: ReadonlyMap<string, Rule> = new Map(RULES.map((rule) => [rule.id, rule]));
export const ruleOf = (id: string): Rule | undefined => BY_ID.get(id);

/** What a finding says, as a sentence for one reader. @throws RangeError for a rule or a code that is not there */
export function sentence(finding: Finding, by: Speaker): string {
  const rule = ruleOf(finding.rule);
  if (!rule) throw new RangeError(`no rule ${finding.rule}`);
  return sentenceOf(rule.words, finding, by);
}

export * from './rule';
export {
  type Finding,
  type Found,
  type FoundBy,
  type Measured,
  measuredWords,
  sentenceOf,
  type Tone,
  wording,
  type Words,
} from './finding';
export { ELSEWHERE_RULES } from './elsewhere';
export { unyielding, type Yield, YIELDS, yieldsOf } from './yields';
export { formalityOf, outsideBand } from './formality/levels';
export type { Scene } from './scene';
