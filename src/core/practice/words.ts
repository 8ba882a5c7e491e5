import { clientFacts } from '../client';
import { fitInShort } from '../fit';
import { mendWords } from '../look';
import { money } from '../money';
import type { Piece } from '../piece';
import { sentence } from '../rules';
import { aNoun, nounOf, type Speaker } from '../say';
import { capital, listed, spelt, uncapital, warmthIn } from '../words';
import type { Exercise, ExerciseKind, Key, Option, WishMiss } from './exercise';
import type { WayFault } from './grade';

export const KIND_WORDS: Readonly<Record<ExerciseKind, string>> = {
  which: 'One of two',
  clash: 'What is wrong',
  mend: 'Put it right',
  whites: 'Two whites',
  heel: 'A heel for a hem',
  size: 'A size for a figure',
  finish: 'Finish the look',
  ways: 'Three ways in three minutes',
  wish: 'Read a wish',
  budget: 'Within a budget',
};

/** What an exercise asks, in one sentence. */
export function questionWords(
  { kind, look, asks = [], limitMinor = 0 }: Exercise,
  by: Speaker,
  currency: string,
): string {
  const [first] = look;
  switch (kind) {
    case 'which':
      return 'Which of the two would you send?';
    case 'clash':
      return 'One thing is wrong with this look. Point to a piece that causes it.';
    case 'mend':
      return 'One thing is wrong with this look. Which change puts it right?';
    case 'whites':
      return `Which of the two goes with ${by.called(first?.id ?? '')}?`;
    case 'heel':
      return 'On which heel does the hem hang right?';
    case 'size':
      return `In which size do you send ${by.called(first?.id ?? '')}?`;
    case 'finish':
      return 'Which of these finishes the look best?';
    case 'ways':
      return `Make three looks with ${by.called(first?.id ?? '')}: each ready to send, no two alike.`;
    case 'wish':
      return 'A client writes this. Which piece is meant?';
    case 'budget':
      return `Fill the box: ${listed(
        asks.map((kind) => aNoun(nounOf(kind, by.tongue.english))),
        by.tongue.english,
      )}, for ${money(limitMinor, currency)} at most.`;
  }
}

/** What has to be kept to: the occasion, and what the client asked for. */
export function givenWords({ occasion, client }: Exercise, { tongue }: Speaker): string[] {
  const facts = clientFacts(client, [], tongue).filter(({ kind }) => kind === 'limit' || kind === 'cover');
  const weather = occasion?.outdoorC === undefined ? '' : `, ${warmthIn(occasion.outdoorC, tongue)} outside`;
  const ground = occasion?.surfaces.length ? `, on ${listed(occasion.surfaces.map(groundWord))}` : '';
  return [
    ...(occasion ? [`For: ${uncapital(occasion.title)}${weather}${ground}`] : []),
    ...facts.map(({ label, text }) => `${label}: ${text}`),
  ];
}

const groundWord = (surface: string): string => (surface === 'wet' ? 'wet ground' : surface);

/** What can be chosen, by its name. */
export function optionWords(option: Option, place: number, by: Speaker, currency?: string): string {
  switch (option.is) {
    case 'look':
      return `Look ${place + 1}`;
    case 'piece': {
      const { piece } = option;
      const price = currency && piece.priceMinor ? `, ${money(piece.priceMinor, currency)}` : '';
      return capital(piece.title + price);
    }
    case 'mend':
      return mendWords(option.mend, by);
    case 'size':
      return option.size;
  }
}

const MISS_WORDS: Readonly<Record<WishMiss, string>> = {
  kind: 'another kind',
  colour: 'another colour',
  price: 'costs more than that',
  'not wanted': 'has what was ruled out',
};

/** Why an option is right or not, as the judge says it; empty where there is nothing to say. */
export function whyWords({ found, fits, misses, right }: Key, place: number, by: Speaker): string {
  const fit = fits?.[place];
  if (fit) return fitInShort(fit, by.tongue);
  const missed = misses?.[place];
  if (missed && missed.length > 0)
    return `Not meant: ${listed(missed.map((each) => spelt(MISS_WORDS[each], by.tongue)))}.`;
  const [first] = found[place] ?? [];
  if (first) return sentence(first, by);
  return right.includes(place) ? 'Nothing stands against it.' : '';
}

const FAULT_WORDS: Readonly<Record<WayFault, string>> = {
  'not whole': 'It is not a whole look yet.',
  'not right': 'It is not ready to send.',
  alike: 'It is too near to one before it.',
};
export const wayFaultWords = (fault: WayFault | undefined): string =>
  fault === undefined ? 'Ready to send.' : FAULT_WORDS[fault];

/** Every piece an exercise shows, for whoever speaks of it. */
export const piecesIn = ({ look, options }: Exercise): Piece[] => [
  ...new Map(
    [
      ...look,
      ...options.flatMap((option) => {
        if (option.is === 'look') return option.pieces;
        if (option.is === 'piece') return [option.piece];
        return option.is === 'mend' && option.piece ? [option.piece] : [];
      }),
    ].map((piece) => [piece.id, piece]),
  ).values(),
];
