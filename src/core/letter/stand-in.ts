import { type Body, bodyOf, liftOf } from '../figure';
import { judge, type Overrule, type Setting, type Verdict, wrongsIn } from '../look';
import { CATEGORY, type Piece, wear } from '../piece';
import type { Settings } from '../rules';
import { isPlural, nounOf, type Speaker } from '../say';
import { eitherOf, listed, spelt } from '../words';

/** Which plain colours do as well as the piece's own. */
export type StandInColour = 'any' | 'quiet' | 'dark' | 'light' | 'none';

/** What could be worn in a look in the place of a piece of the client's own, found by judging its neighbours. */
export interface StandIn {
  readonly ref: string;
  readonly category: Piece['category'];
  readonly colour: StandInColour;
  /** Shapes that do not do as well, as they are said: "cropped", "wide". */
  readonly not: readonly string[];
  /** Of shoes: the heels that do. */
  readonly heel?: 'flat' | 'low' | 'high' | undefined;
}

/** Plain colours that stand for their kind; quiet are dark, light and what lies between. From memory. */
const DARK = ['#1c1c1f', '#20263d', '#3b2a22', '#3a3b40'] as const;
const LIGHT = ['#f4f1ea', '#e4dccb', '#d5d6d8'] as const;
const BETWEEN = ['#84868a', '#b08d57'] as const;
const LOUD = ['#b3262e', '#2f7d4f', '#e0a526'] as const;

/** A neighbour may cost a look this much of its score and still does as well. */
const AS_WELL = 3;

/** How far a leg clears the floor when it is cropped, or ends at the ankle, mm. Common practice, no source. */
const CLEARS = { cropped: 220, 'ankle-length': 80, 'full-length': 25 } as const;
/** Hems of skirts and dresses as shares of the height above the floor. Common practice, no source. */
const HEMS = { mini: 0.34, 'knee-length': 0.27, midi: 0.17, 'floor-length': 0.03 } as const;
const LEG_SHAPES = { slim: 'slim', straight: 'straight', wide: 'wide' } as const;
const HEELS = { flat: 10, low: 40, high: 80 } as const;

interface Ground {
  readonly pieces: readonly Piece[];
  readonly setting: Setting;
  readonly settings?: Settings | undefined;
  readonly overrules?: readonly Overrule[] | undefined;
  readonly verdict: Verdict;
}

/** What could stand in for each piece a client owns in a look. `verdict`: of the look as it is. */
export function standInsOf(ground: Ground): StandIn[] {
  const body = bodyOf(ground.setting.client?.measures ?? {});
  return ground.pieces.filter(({ owned }) => owned).map((piece) => standInOf(piece, ground, body));
}

function standInOf(piece: Piece, ground: Ground, body: Body): StandIn {
  const { pieces, setting, settings, overrules, verdict } = ground;
  const doesAsWell = (change: Partial<Piece>): boolean => {
    const other = judge(
      pieces.map((each) => (each.id === piece.id ? { ...piece, ...change } : each)),
      setting,
      settings,
      overrules,
    );
    return (
      (other.sendable || !verdict.sendable) &&
      wrongsIn(other) <= wrongsIn(verdict) &&
      other.score.score >= verdict.score.score - AS_WELL
    );
  };
  return {
    ref: piece.id,
    category: piece.category,
    colour: colourOf((hex) =>
      doesAsWell({ colours: [{ hex, share: 1 }], pattern: { kind: 'solid', repeatMm: 1, contrast: 0 } }),
    ),
    ...shapeOf(piece, ground, body, doesAsWell),
  };
}

function colourOf(does: (hex: string) => boolean): StandInColour {
  const all = (hexes: readonly string[]): boolean => hexes.every(does);
  const dark = all(DARK);
  const light = all(LIGHT);
  if (dark && light && all(BETWEEN)) return all(LOUD) ? 'any' : 'quiet';
  if (dark) return 'dark';
  return light ? 'light' : 'none';
}

/** Names of what does not do, out of changes by name; none where the look stands with each. */
const notOf = <N extends string>(
  changes: Readonly<Record<N, number | string>>,
  does: (name: N) => boolean,
): N[] => (Object.keys(changes) as N[]).filter((name) => !does(name));

function shapeOf(
  piece: Piece,
  { pieces }: Ground,
  body: Body,
  does: (change: Partial<Piece>) => boolean,
): Pick<StandIn, 'not' | 'heel'> {
  const facts = CATEGORY[piece.category];
  const { measures, cut } = piece;
  if (facts.slot === 'shoes') {
    const heels = (Object.keys(HEELS) as (keyof typeof HEELS)[]).filter((name) =>
      does({ measures: { ...measures, heel: HEELS[name] } }),
    );
    return { not: [], heel: heels.length === 1 ? heels[0] : undefined };
  }
  if (facts.legs === 'long' || (facts.shape === 'lower' && measures.inseam !== undefined)) {
    const floor = body.insideLegLength + liftOf(pieces.map(wear));
    return {
      not: [
        ...notOf(CLEARS, (name) => does({ measures: { ...measures, inseam: floor - CLEARS[name] } })),
        ...notOf(LEG_SHAPES, (name) => does({ cut: { ...cut, leg: LEG_SHAPES[name] } })),
      ],
    };
  }
  if (facts.shape === 'lower' && measures.length !== undefined) {
    return {
      not: notOf(HEMS, (name) =>
        does({
          measures: { ...measures, length: Math.round(body.waistHeight - body.heightMm * HEMS[name]) },
        }),
      ),
    };
  }
  return { not: [] };
}

const COLOUR_WORDS: Readonly<Record<Exclude<StandInColour, 'none'>, string>> = {
  any: '',
  quiet: 'plain ',
  dark: 'dark ',
  light: 'light ',
};
const HEEL_WORDS = { flat: 'flat ', low: 'low-heeled ', high: 'high-heeled ' } as const;

/**
 * What the letter says of the client's own pieces in a look: a client rarely has just the one. "Any dark trousers can stand in for
 * your navy trousers, as long as they’re not cropped. Keep to your lake scarf: its colour matters."
 */
export function insteadLine(standIns: readonly StandIn[], by: Speaker): string {
  const free = standIns.filter(({ colour }) => colour !== 'none').slice(0, MOST_SAID);
  const kept = standIns.filter(({ colour }) => colour === 'none');
  if (free.length === 0) return '';
  const said = free.map(({ ref, category, colour, not, heel }, i) => {
    if (colour === 'none') return '';
    const noun = nounOf(category, by.tongue.english);
    const kind = `any ${COLOUR_WORDS[colour]}${heel ? HEEL_WORDS[heel] : ''}${noun}`;
    const isnt = isPlural(noun) ? 'they aren’t' : 'it isn’t';
    const unless = not.length > 0 ? `, as long as ${isnt} ${eitherOf([...not], by.tongue.english)}` : '';
    return `${kind} ${i === 0 ? 'can stand in for' : 'for'} ${by.called(ref)}${unless}`;
  });
  const [first = '', ...more] = said;
  const others = more.length > 0 ? `; ${more.join('; ')}` : '';
  const keep =
    kept.length > 0
      ? ` Keep to ${listed(
          kept.slice(0, MOST_SAID).map(({ ref }) => by.called(ref)),
          by.tongue.english,
        )}: the ${spelt('colour', by.tongue)} matters.`
      : '';
  return `${first.replace(/^a/, 'A')}${others}.${keep}`;
}
const MOST_SAID = 2;
