import type { Verdict } from '../look';
import { memo } from '../memo';
import { dayInWords } from '../schedule';
import { capital, listed, type Tongue, uncapital } from '../words';
import { adjustOf, safetyOf } from './adjust';
import { beneathOf } from './beneath';
import { type Mode, modeOf, modesOf, type Piece, wear } from '../piece';
import { sentence } from '../rules';
import { isPlural, sayOf, type Speaker, speaker } from '../say';

/** What the letter says of one piece; every field is drafted and open to the stylist's pen. */
export interface PieceNote {
  readonly ref: string;
  readonly why: string;
  readonly fit: string;
  readonly wear: readonly string[];
  readonly beneath: readonly string[];
  readonly facts: string;
  readonly care: string;
}

/** What to pack, and what to wear day by day: laid into a letter by hand, each line open to the pen. */
export interface JourneySheet {
  readonly packing: readonly string[];
  readonly days: readonly {
    readonly line: string;
    /** What is worn, by reference, as the days' pictures show it; none where nothing was left to wear. */
    readonly pieces: readonly { readonly ref: string; readonly mode?: string | undefined }[];
  }[];
}

export interface LetterDraft {
  readonly greeting: string;
  readonly pieces: readonly PieceNote[];
  readonly looks: readonly { readonly id: string; readonly line: string }[];
  readonly closing: string;
  readonly journey?: JourneySheet | undefined;
}

/** As the label said it; a label nobody entered says nothing. */
const CARE: Readonly<Record<NonNullable<Piece['care']>, string>> = {
  machine: 'Machine wash, as the label says.',
  hand: 'Wash by hand, dry flat.',
  'dry-clean': 'Dry clean.',
  spot: 'Wipe clean with a damp cloth.',
  'do-not-wash': 'Do not wash; air it.',
};

const IRONING: Readonly<Record<NonNullable<Piece['ironing']>, string>> = {
  none: 'No ironing needed.',
  steam: 'Steam it, or hang it in a steamy bathroom.',
  press: 'Iron it.',
};

export interface LetterInput {
  readonly clientName: string;
  readonly shopName: string;
  readonly lines: readonly {
    readonly ref: string;
    readonly piece: Piece;
    readonly ask?: string | undefined;
    readonly fit: string;
    /** Ids of the ways of wearing it that may be proposed; absent: all. */
    readonly ways?: readonly string[] | undefined;
    /** What the tailor does to it, in words, and whether it may come back all the same. */
    readonly altered?: { readonly jobs: readonly string[]; readonly mayReturn: boolean } | undefined;
  }[];
  readonly looks: readonly {
    readonly id: string;
    readonly occasion?: string | undefined;
    readonly pieces: readonly Piece[];
    readonly verdict: Verdict;
  }[];
  readonly occasions: readonly string[];
  readonly decideBy?: string | undefined;
  readonly tongue?: Tongue | undefined;
}

/** A letter speaks to the client: what she owns is hers. */
const speakerTo = memo(({ lines, looks, tongue }: LetterInput): Speaker =>
  speaker([...lines.map(({ piece }) => piece), ...looks.flatMap(({ pieces }) => pieces)], {
    tongue,
    pronoun: 'you',
    owned: 'your',
  }),
);

/** Drafts the letter from findings, ways of wearing and the facts of each piece. Plain, kind sentences; nothing twice. */
export function draftLetter(input: LetterInput): LetterDraft {
  const said = new Set<string>();
  return {
    greeting: greetingOf(input),
    pieces: input.lines.map((line, i) => pieceNote(line, i, input, said)),
    looks: input.looks.map((look) => ({ id: look.id, line: lookLine(look, speakerTo(input), said) })),
    closing: `${input.decideBy ? `Let us know what you’re keeping by ${dayInWords(input.decideBy, input.tongue)}. ` : ''}Yours, ${input.shopName}`,
  };
}

const COUNTED = [
  '',
  'one piece',
  'two pieces',
  'three pieces',
  'four pieces',
  'five pieces',
  'six pieces',
] as const;

/** "Dear Hester, here are three pieces for your lecture on the fjord ship. Each goes with something you own." */
function greetingOf({ clientName, lines, looks, occasions, tongue }: LetterInput): string {
  const first = clientName.split(' ')[0] ?? clientName;
  const forWhat = occasions.length > 0 ? ` for ${listed(occasions.map(eventOf), tongue?.english)}` : '';
  if (lines.length === 0) return `Dear ${first},`;
  const pieces = COUNTED[lines.length] ?? `${lines.length} pieces`;
  const joining = lines.filter(({ piece }) =>
    looks.some(
      (look) => look.pieces.some(({ id }) => id === piece.id) && look.pieces.some(({ owned }) => owned),
    ),
  ).length;
  const one = lines.length === 1;
  const all = one ? 'It goes with what you own.' : 'Each goes with something you own.';
  const most = joining * 2 > lines.length ? 'Most go with something you own.' : '';
  const joins = joining === lines.length ? all : most;
  return [`Dear ${first}, here ${one ? 'is' : 'are'} ${pieces}${forWhat}.`, joins].filter(Boolean).join(' ');
}

/** An occasion as it is spoken of to whom it belongs: "your lecture on the fjord ship", "the wedding", "Ada’s christening". */
function eventOf(title: string): string {
  if (/^(the|a|an)\b/i.test(title)) return uncapital(title);
  if (/^(her|his|their|my|our)\b/i.test(title)) return title.replace(/^\w+/, 'your');
  if (/^\S+[’']s?\b/.test(title)) return title;
  return `your ${uncapital(title)}`;
}

/** An ask as it is said to whoever asked: "black trousers she can kneel in" is "black trousers you can kneel in". */
const toAsker = (ask: string): string =>
  ask
    .trim()
    .replace(/[.!]$/, '')
    .replace(/\b(she|he|they)\b/gi, 'you')
    .replace(/\b(her|his|their)\b/gi, 'your');

/** Ways to begin with an ask, taken in turn so that no pattern comes back often; long ones are quoted whole. */
function askedWords(ask: string, i: number): string {
  const [head = ''] = ask.split(/\s+(?:for|to|with|that|you|under|over|in)\b/);
  const short = ask.split(/\s+/).length <= 5 && !/\byou\b|^(some|any)thing\b/i.test(ask);
  const begins = [
    ...(short
      ? [`Here ${isPlural(head) ? 'are' : 'is'} the ${ask.replace(/^(an?|the|some)\s+/i, '')} you asked for.`]
      : []),
    `You asked for ${ask}.`,
    `This is for “${uncapital(ask)}”.`,
  ];
  return begins[i % begins.length] ?? '';
}

function joinWords(i: number, id: string, owned: readonly string[], by: Speaker): string {
  const { it, verb } = sayOf(by, [id]);
  const [they, them] = it() === 'them' ? ['They', 'them'] : ['It', 'it'];
  const own = `your ${listed(owned.map(by.bare), by.tongue.english)}`;
  return (
    [`${they} ${verb('go')} with ${own}.`, `Wear ${them} with ${own}.`, `${they} ${verb('join')} ${own}.`][
      i % 3
    ] ?? ''
  );
}

/** The first praise of a piece, or of a look, that was not said yet; it is said now. */
function praise(verdicts: readonly Verdict[], by: Speaker, said: Set<string>, piece?: string): string {
  for (const { findings } of verdicts)
    for (const found of findings) {
      if (found.tone !== 'works' || QUIET.includes(found.rule)) continue;
      if (piece !== undefined && !found.pieces.includes(piece)) continue;
      const words = sentence(found, by);
      if (said.has(words)) continue;
      said.add(words);
      return words;
    }
  return '';
}
/** What works and is nothing to write home about: within budget, covered, dressed as the occasion asks, as tied. */
const QUIET: readonly string[] = ['U6', 'K1', 'R1', 'K2', 'W1', 'M1', 'P10'];

function pieceNote(
  { ref, piece, ask, fit, ways, altered }: LetterInput['lines'][number],
  i: number,
  input: LetterInput,
  said: Set<string>,
): PieceNote {
  const by = speakerTo(input);
  const within = input.looks.filter((look) => look.pieces.some((worn) => worn.id === piece.id));
  const owned = [
    ...new Set(within.flatMap((look) => look.pieces.filter((worn) => worn.owned).map(({ id }) => id))),
  ].slice(0, 3);
  const why = [
    piece.nudge ? braver(piece, within, by) : '',
    ask ? askedWords(toAsker(ask), i) : '',
    owned.length > 0 ? joinWords(i, piece.id, owned, by) : '',
    praise(
      within.map(({ verdict }) => verdict),
      by,
      said,
      piece.id,
    ),
  ]
    .filter(Boolean)
    .join(' ');
  const worn = within
    .flatMap((look) => look.pieces.filter((other) => other.id === piece.id))
    .map((other) => modeOf(other));
  const others = modesOf(piece).filter((mode) => keepsItsPlace(mode) && (ways?.includes(mode.id) ?? true));
  const [first, other] = [...worn, ...others]
    .filter((mode, at, all) => all.findIndex((each) => each.id === mode.id) === at)
    .filter((mode) => mode.id !== 'worn');
  return {
    ref,
    why: why || 'A piece to build on.',
    fit: altered
      ? `${fit} Altered for you: ${listed(altered.jobs)}.${altered.mayReturn ? '' : ' So it stays with you.'}`
      : fit,
    wear: [
      ...(first ? [first.how] : []),
      ...(other ? [`Or ${uncapital(other.how)}`] : []),
      ...adjustOf(piece, worn),
      ...safetyOf(
        piece,
        within.map(({ verdict }) => verdict),
        by,
      ),
    ].slice(0, 12),
    beneath: [
      ...new Set(
        within.flatMap((look) =>
          beneathOf(look.pieces.filter(({ id }) => id === piece.id).map(wear)).map((line) => line.text),
        ),
      ),
    ],
    facts: factsLine(piece),
    care: [piece.care && CARE[piece.care], piece.ironing && IRONING[piece.ironing]].filter(Boolean).join(' '),
  };
}

/** The one braver choice says that it is, and what calms it. */
function braver(piece: Piece, within: LetterInput['looks'], by: Speaker): string {
  const quiet = within
    .flatMap((look) => look.pieces)
    .filter((other) => other.owned && other.id !== piece.id && other.statement <= 1)
    .map(({ id }) => by.bare(id));
  const calm = [...new Set(quiet)].slice(0, 2);
  return `This is the braver one. ${
    calm.length > 0
      ? `For a calmer day, wear it with your ${listed(calm)} and nothing louder.`
      : 'For a calmer day, keep everything else plain.'
  }`;
}

function factsLine({ facts, fabric }: Piece): string {
  const said = [
    fabric.fibres.length > 0 ? fabric.fibres.map((fibre) => `${fibre.pct} % ${fibre.name}`).join(', ') : '',
    fabric.lined ? 'lined' : '',
    facts.closure ? `closes with ${facts.closure}` : '',
    facts.pockets
      ? facts.pockets.real > 0
        ? `${facts.pockets.real} real pockets`
        : 'pockets for show only'
      : '',
    facts.waterproof ? 'keeps the rain out' : '',
  ].filter(Boolean);
  return said.length > 0 ? `${capital(said.join('; '))}.` : '';
}

/** Ways that keep the piece what it is; tying a scarf into a skirt is for the stylist to choose, on the figure. */
const keepsItsPlace = (mode: Mode): boolean => mode.changes.slot === undefined;

/** "For the christening: the rust jacket, your cream blouse and your navy trousers. The hems just clear the grass." */
function lookLine(
  { occasion, pieces, verdict }: LetterInput['looks'][number],
  by: Speaker,
  said: Set<string>,
): string {
  const names = listed(
    pieces.map(({ id }) => by.called(id)),
    by.tongue.english,
  );
  const good = praise([verdict], by, said);
  return `${occasion ? `For ${eventOf(occasion)}: ${names}` : capital(names)}.${good ? ` ${good}` : ''}`;
}
