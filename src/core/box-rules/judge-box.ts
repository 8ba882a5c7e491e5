import type { Occasion } from '../occasion';
import { sentenceOf, thresholdsOf } from '../rules';
import { type Speaker, speaker } from '../say';
import type { BoxFinding, BoxInput, BoxRule, Ground } from './box-rule';
import { Reach } from './reach';
import { reach } from './u1-reach';
import { twins } from './u2-twins';
import { places } from './u3-places';
import { seenBefore } from './u4-seen-before';
import { saferSwap } from './u5-safer-swap';
import { asks } from './u7-asks';
import { bridge } from './u8-season-bridge';
import { ladder } from './u9-ladder';

/** Every rule that speaks of a box as a whole. */
export const BOX_RULES: readonly BoxRule[] = [
  reach,
  twins,
  places,
  seenBefore,
  saferSwap,
  asks,
  bridge,
  ladder,
];

function reachOf(input: BoxInput, occasion?: Occasion): Reach {
  const { lines, closet, client, schools, settings } = input;
  return new Reach(
    [...lines.map(({ piece }) => piece), ...closet],
    [],
    { client, occasion, shopSchools: schools },
    settings,
  );
}

/** A speaker for everything a finding of a box may name. */
export const boxSpeaker = (
  { lines, closet, stock = [] }: Pick<BoxInput, 'lines' | 'closet' | 'stock'>,
  options?: Parameters<typeof speaker>[1],
): Speaker => speaker([...lines.map(({ piece }) => piece), ...closet, ...stock], options);

/** What was found of a box, as a sentence. @throws RangeError for a rule or a code that is not there */
export function boxSentence(finding: BoxFinding, by: Speaker): string {
  const rule = BOX_RULES.find(({ id }) => id === finding.rule);
  if (!rule) throw new RangeError(`no box rule ${finding.rule}`);
  return sentenceOf(rule.words, finding, by);
}

const ORDER = { fights: 0, note: 1, works: 2 } as const;

/** What the rules say of a box as a whole, what wants a hand first. A rule that is off in the settings is silent. */
export function judgeBox(input: BoxInput): BoxFinding[] {
  if (input.lines.length === 0) return [];
  const ground: Ground = {
    ...input,
    reach: reachOf(input),
    reachAt: (occasion) => reachOf(input, occasion),
  };
  return BOX_RULES.filter(({ id }) => !input.settings[id]?.off)
    .flatMap((rule) =>
      rule
        .find(ground, thresholdsOf(rule, input.settings[rule.id]))
        .map((found): BoxFinding => ({ rule: rule.id, ...found })),
    )
    .sort((a, b) => ORDER[a.tone] - ORDER[b.tone]);
}
