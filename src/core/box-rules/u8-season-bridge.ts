import { defineBoxRule } from './box-rule';
import { wording } from '../rules';

const YEAR = ['winter', 'spring', 'summer', 'autumn'] as const;

/** The season after that of a day, in the north. */
function nextSeason(day: string): (typeof YEAR)[number] {
  const now = Math.floor((Number(day.slice(5, 7)) % 12) / 3);
  return YEAR[(now + 1) % 4] as (typeof YEAR)[number];
}

const words = wording({
  on: ({ season }: { season: string }, say) =>
    `${say.the()} ${say.verb('go')} on into ${season} with another shoe or layer.`,
});

/** U8: what goes on into the next season. */
export const bridge = defineBoxRule({
  id: 'U8',
  title: 'Season bridge',
  question: 'Does it go on into the next season?',
  says: 'A piece made for the next season too goes on with another shoe or layer. Spoken of where the label says seasons.',
  words,
  find: ({ lines, occasions }) => {
    const day = occasions.map(({ occasion }) => occasion.date ?? '').sort()[0];
    if (!day) return [];
    const next = nextSeason(day);
    return lines.flatMap(({ piece }) =>
      piece.seasons.length > 1 && piece.seasons.includes(next)
        ? [
            {
              code: 'on' as const,
              tone: 'works' as const,
              pieces: [piece.id],
              params: { season: next },
            },
          ]
        : [],
    );
  },
});
