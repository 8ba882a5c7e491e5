import type { Ask } from '../box';
import { isTwin, STAPLES } from '../closet';
import { deltaEHex } from '../colour';
import type { Occasion, Profile, Schools } from '../look';
import { answersAsk } from '../pull';
import { CATEGORY, type Piece } from '../piece';
import type { Settings, Tone } from '../rules';
import { GOOD_LOOK, isAccessory, Reach } from './reach';

/** A box as a whole, with the closet it goes to. */
export interface BoxInput {
  readonly lines: readonly { readonly piece: Piece; readonly askId: string | null }[];
  readonly closet: readonly Piece[];
  /** Ids of pieces the client loves. */
  readonly loved: readonly string[];
  readonly asks: readonly { readonly id: string; readonly ask: Ask }[];
  readonly occasions: readonly { readonly id: string; readonly occasion: Occasion }[];
  /** Looks of the box, and for which occasion each is meant. */
  readonly looks: readonly { readonly occasionId: string | null; readonly pieces: readonly Piece[] }[];
  readonly client: Profile;
  readonly schools: Schools;
  readonly settings: Settings;
}

export interface BoxFinding {
  readonly rule: string;
  readonly tone: Exclude<Tone, 'blocks'>;
  readonly pieces: readonly string[];
  readonly text: string;
  readonly measured?: string | undefined;
}

interface Ground extends BoxInput {
  readonly reach: Reach;
}

/** A rule that speaks of a box as a whole. */
export interface BoxRule {
  readonly id: string;
  readonly title: string;
  readonly question: string;
  readonly says: string;
  readonly evaluate: (ground: Ground) => readonly Omit<BoxFinding, 'rule'>[];
}

const ENOUGH = { clothes: 3, accessories: 5 } as const;

const reachRule: BoxRule = {
  id: 'U1',
  title: 'Reach',
  question: 'How many looks does each piece open?',
  says: `Complete, sendable looks of ${GOOD_LOOK} and more with box and closet, told apart by main pieces, outer layer and shoes: from ${ENOUGH.clothes} for clothes and ${ENOUGH.accessories} for accessories it works; fewer is a note; none at all fights.`,
  evaluate: ({ lines, reach }) =>
    lines.map(({ piece }) => {
      const looks = reach.of(piece.id);
      const enough = isAccessory(piece) ? ENOUGH.accessories : ENOUGH.clothes;
      const measured = `${looks} looks; from ${enough} it earns its place`;
      const pieces = [piece.id];
      if (looks >= enough)
        return { tone: 'works', pieces, measured, text: `${piece.title} opens ${looks} looks.` };
      return looks > 0
        ? {
            tone: 'note',
            pieces,
            measured,
            text: `${piece.title} opens only ${looks === 1 ? 'one look' : `${looks} looks`}.`,
          }
        : {
            tone: 'fights',
            pieces,
            measured,
            text: `${piece.title} goes with nothing in the box or the closet yet.`,
          };
    }),
};

/** Same kind, cut and cloth pattern in another colour. */
const isSister = (a: Piece, b: Piece): boolean => {
  const [one, other] = [a.colours[0]?.hex, b.colours[0]?.hex];
  return (
    one !== undefined &&
    other !== undefined &&
    deltaEHex(one, other) >= SISTER_APART &&
    isTwin({ ...a, colours: b.colours }, b)
  );
};
const SISTER_APART = 10;

const twins: BoxRule = {
  id: 'U2',
  title: 'Twin and sister',
  question: 'Does she own this already, or its sister?',
  says: 'A twin has the kind, cut and volume of a piece that is owned or in the box, in nearly its colour (ΔE under 6). A sister of a loved piece is the same in another colour.',
  evaluate: ({ lines, closet, loved }) =>
    lines.flatMap(({ piece }, i): Omit<BoxFinding, 'rule'>[] => {
      const others = [...closet, ...lines.slice(0, i).map((line) => line.piece)];
      const twin = others.find((other) => isTwin(piece, other));
      if (twin)
        return [
          {
            tone: 'fights',
            pieces: [piece.id, twin.id],
            text: `${piece.title} is the twin of ${twin.title}${twin.owned ? ', which is owned already' : ' in this box'}.`,
          },
        ];
      const sister = closet.find((other) => loved.includes(other.id) && isSister(piece, other));
      return sister
        ? [
            {
              tone: 'works',
              pieces: [piece.id, sister.id],
              text: `${piece.title} is the sister of ${sister.title}, which is loved: what it goes with is known.`,
            },
          ]
        : [];
    }),
};

const places: BoxRule = {
  id: 'U3',
  title: 'Places',
  question: 'Which occasions does each piece serve?',
  says: 'An occasion is served when a look of its formality, code and hour with this piece is sendable and good. A piece that serves one by day and one by evening is worth two.',
  evaluate: (input) => {
    const served = input.occasions.map(({ occasion }) => ({ occasion, reach: groundOf(input, occasion) }));
    return input.lines.flatMap(({ piece }): Omit<BoxFinding, 'rule'>[] => {
      const at = served.filter(({ reach }) => reach.of(piece.id) > 0).map(({ occasion }) => occasion);
      if (at.length === 0) return [];
      const both = at.some(({ time }) => time === 'day') && at.some(({ time }) => time === 'evening');
      return [
        {
          tone: 'works',
          pieces: [piece.id],
          text: `${piece.title} serves ${listed(at.map(({ title }) => title))}${both ? ', by day and in the evening' : ''}.`,
        },
      ];
    });
  },
};

/** What the eye remembers of a look: its main pieces. */
const baseOf = (pieces: readonly Piece[]): string =>
  pieces
    .filter(({ category }) => ['top', 'bottom', 'whole'].includes(CATEGORY[category].slot))
    .map(({ id }) => id)
    .sort()
    .join(' ');

const seenBefore: BoxRule = {
  id: 'U4',
  title: 'Seen before',
  question: 'Do the same people see the same clothes twice?',
  says: 'Two looks of one base for occasions with people in common. Another layer, other shoes or other jewels make it another look.',
  evaluate: ({ looks, occasions }) => {
    const planned = looks.flatMap((look) => {
      const found = occasions.find(({ id }) => id === look.occasionId);
      return found ? [{ ...look, occasion: found.occasion, base: baseOf(look.pieces) }] : [];
    });
    return planned.flatMap((one, i) =>
      planned.slice(i + 1).flatMap((other): Omit<BoxFinding, 'rule'>[] => {
        const people = one.occasion.seenBy.filter((who) => other.occasion.seenBy.includes(who));
        if (
          one.occasionId === other.occasionId ||
          people.length === 0 ||
          one.base === '' ||
          one.base !== other.base
        )
          return [];
        const rest = (look: typeof one): string =>
          look.pieces
            .filter(({ id }) => !look.base.split(' ').includes(id))
            .map(({ id }) => id)
            .sort()
            .join(' ');
        const where = `${one.occasion.title} and ${other.occasion.title}`;
        return [
          rest(one) === rest(other)
            ? {
                tone: 'note',
                pieces: one.base.split(' '),
                text: `${listed(people)} will see the same clothes at ${where}. Another layer, other shoes or jewels change them.`,
              }
            : {
                tone: 'works',
                pieces: one.base.split(' '),
                text: `One base serves ${where}, and what is around it differs.`,
              },
        ];
      }),
    );
  },
};

const asksRule: BoxRule = {
  id: 'U7',
  title: 'Asks',
  question: 'Is every ask answered?',
  says: 'A piece was pulled for it, or is of the kind and the colour it names.',
  evaluate: ({ asks, lines }) =>
    asks.map(({ id, ask }) => {
      const answers = lines.filter((line) => line.askId === id || answersAsk(line.piece, ask));
      return answers.length > 0
        ? {
            tone: 'works' as const,
            pieces: answers.map(({ piece }) => piece.id),
            text: `“${ask.text}” is answered.`,
          }
        : {
            tone: 'fights' as const,
            pieces: [],
            text: `“${ask.text}” has no answer yet. Pull something, or say in the letter why not.`,
          };
    }),
};

const YEAR = ['winter', 'spring', 'summer', 'autumn'] as const;

/** The season after that of a day, in the north. */
export function nextSeason(day: string): (typeof YEAR)[number] {
  const now = Math.floor((Number(day.slice(5, 7)) % 12) / 3);
  return YEAR[(now + 1) % 4] as (typeof YEAR)[number];
}

const bridge: BoxRule = {
  id: 'U8',
  title: 'Season bridge',
  question: 'Does it go on into the next season?',
  says: 'A piece made for the next season too goes on with another shoe or layer. Spoken of where the label says seasons.',
  evaluate: ({ lines, occasions }) => {
    const day = occasions.map(({ occasion }) => occasion.date ?? '').sort()[0];
    if (!day) return [];
    const next = nextSeason(day);
    return lines.flatMap(({ piece }) =>
      piece.seasons.length > 1 && piece.seasons.includes(next)
        ? [
            {
              tone: 'works' as const,
              pieces: [piece.id],
              text: `${piece.title} goes on into ${next} with another shoe or layer.`,
            },
          ]
        : [],
    );
  },
};

const ladder: BoxRule = {
  id: 'U9',
  title: 'Ladder',
  question: 'Which staple does the closet want next?',
  says: 'The first piece of the shop’s list of staples that is neither in the closet nor in the box.',
  evaluate: ({ closet, lines }) => {
    const there = [...closet, ...lines.map(({ piece }) => piece)];
    const has = ({ category, colours }: (typeof STAPLES)['womenswear'][number]): boolean =>
      there.some(
        (piece) =>
          piece.category === category &&
          deltaEHex(piece.colours[0]?.hex ?? '#000000', colours[0]?.hex ?? '#000000') < STAPLE_NEAR,
      );
    const lists = Object.values(STAPLES).map((list) => ({
      list,
      held: list.filter(has).length / list.length,
    }));
    // The list the closet is further up already is the client's.
    const { list } = lists.sort((a, b) => b.held - a.held)[0] ?? { list: [] };
    const next = list.find((staple) => !has(staple));
    return next
      ? [
          {
            tone: 'note',
            pieces: [],
            text: `Next staple the closet wants: ${(next.title ?? '').toLowerCase()}.`,
          },
        ]
      : [];
  },
};
const STAPLE_NEAR = 18;

/** Every rule that speaks of a box as a whole. */
export const BOX_RULES: readonly BoxRule[] = [reachRule, twins, places, seenBefore, asksRule, bridge, ladder];

function groundOf(input: BoxInput, occasion?: Occasion): Reach {
  const { lines, closet, client, schools, settings } = input;
  return new Reach(
    [...lines.map(({ piece }) => piece), ...closet],
    [],
    { client, occasion, shopSchools: schools },
    settings,
  );
}

const ORDER = { fights: 0, note: 1, works: 2 } as const;

/** What the rules say of a box as a whole, what wants a hand first. A rule that is off in the settings is silent. */
export function judgeBox(input: BoxInput): BoxFinding[] {
  if (input.lines.length === 0) return [];
  const ground: Ground = { ...input, reach: groundOf(input) };
  return BOX_RULES.filter(({ id }) => !input.settings[id]?.off)
    .flatMap((rule) => rule.evaluate(ground).map((said): BoxFinding => ({ rule: rule.id, ...said })))
    .sort((a, b) => ORDER[a.tone] - ORDER[b.tone]);
}

const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
