import { same } from '../merge';
import {
  asDrafted,
  keysOf,
  type LetterDraft,
  type LineKey,
  lineIn,
  type PieceNote,
  ownLines,
} from './letter';

/** What a tailor does to a piece, as the draft says it; the last thing it says of the fit. */
const ALTERED = / ?Altered for you: .*$/;

export interface Redrafted {
  /** The written letter itself when there is nothing to bring up. */
  readonly letter: LetterDraft;
  /** Lines that read otherwise now, or are new. */
  readonly changed: readonly LineKey[];
}

/**
 * A letter that was written, brought up to a draft of the box as it is now: what the stylist wrote stays as it is and where it
 * stands, every other line is the draft's, pieces and looks that came since stand last, those that went are left out, and
 * alterations are said as they are.
 */
export function redrafted(written: LetterDraft, draft: LetterDraft): Redrafted {
  const own = ownLines(written);
  const pieces = inOrder(written.pieces, draft.pieces, ({ ref }) => ref).map((note) =>
    alteredNow(note, draft),
  );
  const looks = inOrder(written.looks, draft.looks, ({ id }) => id);
  const arranged: LetterDraft = { ...written, style: draft.style ?? written.style, pieces, looks };
  const letter = keysOf(arranged)
    .filter((key) => !own.includes(key))
    .reduce((now, key) => asDrafted(now, draft, key), arranged);
  const lines = keysOf(letter);
  const kept: LetterDraft = { ...letter, own: own.filter((key) => lines.includes(key)) };
  const changed = lines.filter((key) => (lineIn(kept, key) ?? '') !== (lineIn(written, key) ?? ''));
  const isSame =
    changed.length === 0 &&
    same(written.style, kept.style) &&
    same(
      [written.pieces, written.looks].map((list) => list.length),
      [pieces, looks].map((list) => list.length),
    );
  return { letter: isSame ? written : kept, changed };
}

/** What is still there in the order it was written, then what is new. */
const inOrder = <T>(written: readonly T[], draft: readonly T[], nameOf: (each: T) => string): T[] => [
  ...written.filter((each) => draft.some((other) => nameOf(other) === nameOf(each))),
  ...draft.filter((each) => !written.some((other) => nameOf(other) === nameOf(each))),
];

function alteredNow(written: PieceNote, draft: LetterDraft): PieceNote {
  const [now] = ALTERED.exec(lineIn(draft, `${written.ref} fit`) ?? '') ?? [''];
  const [before] = ALTERED.exec(written.fit) ?? [''];
  return now.trim() === before.trim()
    ? written
    : { ...written, fit: `${written.fit.replace(ALTERED, '')}${now}`.trim() };
}
