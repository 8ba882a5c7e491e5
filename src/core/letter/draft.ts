import { capital, listed, uncapital } from '../words';
import { adjustOf, safetyOf } from './adjust';
import { beneathOf } from './beneath';
import { type Mode, modeOf, modesOf, type Piece, wear } from '../piece';
import type { Speaker } from '../say';
import type { LetterInput } from './input';
import { type LetterDraft, type LineKey, lineKey, type PieceNote } from './letter';
import { insteadLine } from './stand-in';
import { type LetterStyle, type Tone, TONES, USUAL_VOICE } from './style';
import { closingIn, greetingIn } from './tones';
import { praise, speakerTo, whyOf } from './why';

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

/** Other ways to say a line, by its key; the drafted one is among them. */
export type Wordings = Readonly<Record<LineKey, readonly string[]>>;

/** Drafts the letter from findings, ways of wearing and the facts of each piece. Plain, kind sentences; nothing twice. */
export const draftLetter = (input: LetterInput): LetterDraft => draftedWith(input).letter;

/** The same with other wordings of its greeting, its closing and why each piece is there. */
export function draftedWith(input: LetterInput): {
  readonly letter: LetterDraft;
  readonly wordings: Wordings;
} {
  const { voice = USUAL_VOICE } = input;
  const style = input.style ?? voice.style;
  const said = new Set<string>();
  const drafted = input.lines.map((line, i) => pieceNote(line, i, input, said, style));
  const by = speakerTo(input);
  const closing = (tone: Tone): string =>
    closingIn(tone, { ...input, signature: voice.signature }, input.tongue);
  return {
    letter: {
      greeting: greetingOf(input, style.tone),
      pieces: drafted.map(({ note }) => note),
      looks: input.looks.map((look) => ({
        id: look.id,
        line: lookLine(look, by, said, style.length === 'full'),
        instead: style.length === 'full' ? insteadLine(look.standIns ?? [], by) : '',
      })),
      closing: closing(style.tone),
      style,
      own: [],
    },
    wordings: {
      greeting: [...new Set(TONES.map((tone) => greetingOf(input, tone)))],
      closing: [...new Set(TONES.map(closing))],
      ...Object.fromEntries(drafted.map(({ note, whys }) => [lineKey(note.ref, 'why'), [...new Set(whys)]])),
    },
  };
}

/** "Dear Hester, here are three pieces for your lecture on the fjord ship. Each goes with something you own." */
function greetingOf({ clientName, lines, looks, occasions, tongue }: LetterInput, tone: Tone): string {
  const joining = lines.filter(({ piece }) =>
    looks.some(
      (look) => look.pieces.some(({ id }) => id === piece.id) && look.pieces.some(({ owned }) => owned),
    ),
  ).length;
  const most = joining * 2 > lines.length ? 'most' : 'some';
  return greetingIn(tone, {
    first: clientName.split(' ')[0] ?? clientName,
    count: lines.length,
    forWhat: occasions.length > 0 ? ` for ${listed(occasions.map(eventOf), tongue?.english)}` : '',
    joins: joining === lines.length ? 'all' : most,
  });
}

/** An occasion as it is spoken of to whom it belongs: "your lecture on the fjord ship", "the wedding", "Ada’s christening". */
function eventOf(title: string): string {
  if (/^(the|a|an)\b/i.test(title)) return uncapital(title);
  if (/^(her|his|their|my|our)\b/i.test(title)) return title.replace(/^\w+/, 'your');
  if (/^\S+[’']s?\b/.test(title)) return title;
  return `your ${uncapital(title)}`;
}

interface Drafted {
  readonly note: PieceNote;
  readonly whys: readonly string[];
}

function pieceNote(
  line: LetterInput['lines'][number],
  i: number,
  input: LetterInput,
  said: Set<string>,
  { tone, length }: LetterStyle,
): Drafted {
  const { ref, piece, fit, ways, altered } = line;
  const by = speakerTo(input);
  const isFull = length === 'full';
  const within = input.looks.filter((look) => look.pieces.some((worn) => worn.id === piece.id));
  const why = whyOf(line, within, by, said, isFull);
  const worn = within
    .flatMap((look) => look.pieces.filter((other) => other.id === piece.id))
    .map((other) => modeOf(other));
  const others = modesOf(piece).filter((mode) => keepsItsPlace(mode) && (ways?.includes(mode.id) ?? true));
  const [first, other] = [...worn, ...others]
    .filter((mode, at, all) => all.findIndex((each) => each.id === mode.id) === at)
    .filter((mode) => mode.id !== 'worn');
  const note: PieceNote = {
    ref,
    why: why(tone, i),
    fit: altered
      ? `${fit} Altered for you: ${listed(altered.jobs)}.${altered.mayReturn ? '' : ' So it stays with you.'}`
      : fit,
    wear: [
      ...(first ? [first.how] : []),
      ...(other && isFull ? [`Or ${uncapital(other.how)}`] : []),
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
          beneathOf(look.pieces.filter(({ id }) => id === piece.id).map(wear), by.tongue).map(
            (each) => each.text,
          ),
        ),
      ),
    ],
    facts: isFull ? factsLine(piece) : '',
    care: [piece.care && CARE[piece.care], piece.ironing && IRONING[piece.ironing]].filter(Boolean).join(' '),
  };
  return { note, whys: TONES.flatMap((each) => [0, 1, 2].map((turn) => why(each, turn))) };
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
  isFull: boolean,
): string {
  const names = listed(
    pieces.map(({ id }) => by.called(id)),
    by.tongue.english,
  );
  const good = isFull ? praise([verdict], by, said) : '';
  return `${occasion ? `For ${eventOf(occasion)}: ${names}` : capital(names)}.${good ? ` ${good}` : ''}`;
}
