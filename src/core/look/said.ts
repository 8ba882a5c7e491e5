import { sentence } from '../rules';
import type { Speaker } from '../say';
import { countWord, listed, uncapital } from '../words';
import type { Verdict } from './judge';

const things = (count: number): string => `${countWord(count)} ${count === 1 ? 'thing' : 'things'}`;

/** A look as a whole, in one sentence: what it lacks, what rules it out, how much there is to put right; else that it may go. */
export function lookWords({ complete, sendable, missing, findings }: Verdict, by: Speaker): string {
  if (!complete) return `Still needs ${listed(missing, by.tongue.english)}.`;
  const [blocked] = findings.filter(({ tone }) => tone === 'blocks');
  if (blocked) return `Complete, but ruled out: ${uncapital(sentence(blocked, by))}`;
  if (!sendable) return 'Complete, but not to be sent.';
  const wrong = findings.filter(({ tone }) => tone === 'fights').length;
  const notes = findings.filter(({ tone, cannotTell }) => tone === 'note' && !cannotTell).length;
  if (wrong > 0) return `Nearly there: ${things(wrong)} to put right.`;
  if (notes > 0) return `Ready to send, with ${things(notes)} to look at again.`;
  return 'Ready to send: nothing to change.';
}
