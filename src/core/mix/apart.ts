import type { MixLook } from './mix';

/** Points below the best of them from which a look is none to show. */
const WITHIN = 10;
/** How much one occasion makes two looks alike, beside what they share of their pieces (0 to 1). */
const SAME_OCCASION = 0.2;

/**
 * So many looks that hold all of some pieces and none of others, and differ most: the best, then each time the one that is
 * least like those there are, in its other pieces and in its occasion; of two the better. Among those within ten points of the
 * best.
 */
export function looksApart(
  looks: readonly MixLook[],
  around: readonly number[],
  out: ReadonlySet<number>,
  most: number,
): MixLook[] {
  const own = looks
    .filter(
      ({ places }) =>
        around.every((place) => places.includes(place)) && !places.some((place) => out.has(place)),
    )
    .sort((a, b) => b.score - a.score);
  const good = own.filter(({ score }) => score >= (own[0]?.score ?? 0) - WITHIN);
  const found = good.slice(0, 1);
  const likeness = good.map(() => 0);
  while (found.length < Math.min(most, good.length)) {
    const last = found.at(-1) as MixLook;
    good.forEach((look, i) => {
      likeness[i] = Math.max(likeness[i] as number, look === last ? Infinity : alike(look, last, around));
    });
    found.push(good[likeness.indexOf(Math.min(...likeness))] as MixLook);
  }
  return found;
}

/** What two looks share of their pieces but for the ones they are about, and their occasion. */
function alike(a: MixLook, b: MixLook, around: readonly number[]): number {
  const others = (look: MixLook): number[] => look.places.filter((place) => !around.includes(place));
  const [mine, theirs] = [others(a), others(b)];
  const both = mine.filter((place) => theirs.includes(place)).length;
  const all = mine.length + theirs.length - both;
  return (all === 0 ? 1 : both / all) + (a.occasion === b.occasion ? SAME_OCCASION : 0);
}
