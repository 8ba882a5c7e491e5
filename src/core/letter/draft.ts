import type { Verdict } from '../look';
import { memo } from '../memo';
import { capital, listed, type Tongue, uncapital } from '../words';
import { adjustOf, safetyOf } from './adjust';
import { beneathOf } from './beneath';
import { type Mode, modeOf, modesOf, type Piece, wear } from '../piece';
import { sentence } from '../rules';
import { type Speaker, speaker } from '../say';

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

export interface LetterDraft {
  readonly greeting: string;
  readonly pieces: readonly PieceNote[];
  readonly looks: readonly { readonly id: string; readonly line: string }[];
  readonly closing: string;
}

/** As the label said it; a label nobody entered says nothing. */
const CARE: Readonly<Record<NonNullable<Piece['care']>, string>> = {
  machine: 'Machine wash, as the label says.',
  hand: 'Wash by hand, dry flat.',
  'dry-clean': 'Dry clean.',
  spot: 'Wipe clean with a damp cloth.',
  'do-not-wash': 'Do not wash; air it.',
};

export interface LetterInput {
  readonly clientName: string;
  readonly shopName: string;
  readonly lines: readonly {
    readonly ref: string;
    readonly piece: Piece;
    readonly ask?: string | undefined;
    readonly fit: string;
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

/** Drafts the letter from findings, ways of wearing and the facts of each piece. Plain, kind sentences. */
export function draftLetter(input: LetterInput): LetterDraft {
  const first = input.clientName.split(' ')[0] ?? input.clientName;
  const forWhat = input.occasions.length > 0 ? ` for ${listed(input.occasions)}` : '';
  return {
    greeting: `Dear ${first}, here is your box${forWhat}. Try things on with what you own; keep what you love.`,
    pieces: input.lines.map((line) => pieceNote(line, input)),
    looks: input.looks.map((look) => ({ id: look.id, line: lookLine(look, speakerTo(input)) })),
    closing: `${input.decideBy ? `Please let us know by ${dayInWords(input.decideBy)}. ` : ''}Yours, ${input.shopName}`,
  };
}

function pieceNote(
  { ref, piece, ask, fit, altered }: LetterInput['lines'][number],
  input: LetterInput,
): PieceNote {
  const by = speakerTo(input);
  const within = input.looks.filter((look) => look.pieces.some((worn) => worn.id === piece.id));
  const owned = [
    ...new Set(within.flatMap((look) => look.pieces.filter((worn) => worn.owned).map(({ id }) => id))),
  ];
  const finding = within
    .flatMap((look) => look.verdict.findings)
    .find((found) => found.tone === 'works' && found.pieces.includes(piece.id) && found.rule !== 'U6');
  const why = [
    piece.nudge ? braver(piece, within, by) : '',
    ask ? `You asked for ${ask.replace(/[.!]$/, '')}.` : '',
    owned.length > 0 ? `It goes with your ${listed(owned.slice(0, 3).map(by.bare))}.` : '',
    finding ? sentence(finding, by) : '',
  ]
    .filter(Boolean)
    .join(' ');
  const worn = within
    .flatMap((look) => look.pieces.filter((other) => other.id === piece.id))
    .map((other) => modeOf(other));
  const ways = [...worn, ...modesOf(piece).filter(keepsItsPlace)]
    .filter((mode, i, all) => all.findIndex((other) => other.id === mode.id) === i)
    .slice(0, 3);
  return {
    ref,
    why: why || 'A piece to build on.',
    fit: altered
      ? `${fit} Altered for you: ${listed(altered.jobs)}.${altered.mayReturn ? '' : ' So it stays with you.'}`
      : fit,
    wear: [
      ...ways.filter((mode) => mode.id !== 'worn').map((mode) => `${mode.title}: ${uncapital(mode.how)}`),
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
    care: piece.care === undefined ? '' : CARE[piece.care],
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

/** A title without its colourway: in a sentence the comma would read as one more piece. */
const shortTitle = ({ title }: Piece): string => title.split(',')[0] ?? title;

/** `Monday 14 December` of a calendar day. */
const dayInWords = (day: string): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', timeZone: 'UTC' })
    .format(new Date(`${day}T00:00:00Z`))
    .replace(',', '');

function lookLine({ occasion, pieces, verdict }: LetterInput['looks'][number], by: Speaker): string {
  const good = verdict.findings.find(
    (finding) => finding.tone === 'works' && finding.rule !== 'U6' && finding.rule !== 'K1',
  );
  const titles = listed(pieces.map((piece) => uncapital(shortTitle(piece))));
  return `${occasion ? `For ${occasion}: ` : ''}${occasion ? titles : capital(titles)}.${good ? ` ${sentence(good, by)}` : ''}`;
}
