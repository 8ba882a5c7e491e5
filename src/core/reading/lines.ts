import type { GivenPiece } from '../piece';
import type { English } from '../words';
import { pieceOfReading } from './pieces';
import { read } from './read';
import type { Reading } from './reading';

/** A line of a pasted list: what was understood, and the piece it makes; none while no kind is named. */
export interface ReadLine {
  readonly text: string;
  readonly reading: Reading;
  readonly piece?: Omit<GivenPiece, 'id'> | undefined;
}

const MOST_LINES = 500;

/**
 * Reads a pasted list, an item a line or between semicolons: "navy crew knit, wool; 2 white tees; red heels, hardly worn".
 * Nothing is refused: what is not understood is named, and a line without a kind comes back without a piece.
 */
export const readList = (text: string, english?: English): ReadLine[] =>
  text
    .split(/[\n;]+/)
    // A list's own marks are no words: "1.", "–", "•".
    .map((line) => line.replace(/^\s*(?:[-*•–]|\d{1,3}[.)])\s*/, '').trim())
    .filter((line) => line !== '')
    .slice(0, MOST_LINES)
    .map((line) => readLine(line, english));

function readLine(text: string, english: English | undefined): ReadLine {
  const reading = read(text, { as: 'piece', english });
  return { text, reading, piece: pieceOfReading(reading) };
}

/** Most of one kind that a line may mean. */
const MOST_OF_ONE = 12;

/** Pieces a line means: "2 white tees" is two. */
export const countOfLine = ({ reading }: ReadLine): number => Math.min(MOST_OF_ONE, reading.count ?? 1);
