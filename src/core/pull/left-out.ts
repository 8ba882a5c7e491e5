import { type Fit, verdictWords, type Workaround, workaroundWords } from '../fit';
import { type GuardFinding, guardWords } from '../guard';
import { coded, type CodedBy, HOUSE_TONGUE, saidOf, type Tongue, uncapital } from '../words';
import { reasonWords, type Said } from './reasons';

/** Why a garment is not offered, code by code. */
const words = coded({
  'sold-out': () => 'Sold out in every size',
  archived: () => 'Archived: it is pulled no more',
  'in-box': () => 'In the box already',
  'other-kind': () => 'Not of the kind that is looked for',
  'over-price': () => 'Costs more than the price that is set',
  unfit: ({ fit }: { fit: Fit }, tongue) => `${verdictWords(fit, tongue)} in the nearest size, ${fit.size}`,
  'unfit-hidden': ({ fit }: { fit: Fit }, tongue) =>
    `${verdictWords(fit, tongue)} in the nearest size, ${fit.size}; untick “Only what fits” to see it`,
  'size-gone': ({ size, works, shown }: { size: string; works: Workaround; shown: string }) =>
    `Size ${size} would fit and is gone. ${workaroundWords(works)} ${shown} is shown`,
  'ruled-out': ({ finding }: { finding: GuardFinding }, tongue) => guardWords(finding, tongue),
  doubted: ({ doubt }: { doubt: Said }, tongue) =>
    `Among the candidates, but: ${uncapital(reasonWords(doubt, tongue))}`,
  further: () => 'Among the candidates; look further down',
  // Ruled out by the ask.
  'not-wanted': ({ what }: { what: string }) => `Not wanted: ${what}`,
  'heel-over-ask': () => 'A higher heel than was asked for',
  'nothing-to-fasten': () => 'A part for something that is neither in the closet nor in the box',
  'other-rail': ({ rail }: { rail: string }) => `From the ${rail}’s rail`,
});

/** Why a garment is not offered, as data. */
export type WhyLeftOut = CodedBy<typeof words>;

/** The same as a reader is told. */
export const leftOutWords = (why: WhyLeftOut, tongue: Tongue = HOUSE_TONGUE): string =>
  saidOf(words, why, tongue);
