import type { LetterDraft, PieceNote } from './draft';

/** What a tailor does to a piece, as the draft says it; the last thing it says of the fit. */
const ALTERED = / ?Altered for you: .*$/;

/**
 * A letter that was written, brought up to the box as it is now: what the stylist wrote stays, pieces and looks that came
 * since are taken from the draft, those that went are left out, and alterations are said as they are. The written letter
 * itself when there is nothing to bring up.
 */
export function broughtUp(written: LetterDraft, draft: LetterDraft): LetterDraft {
  const pieces = draft.pieces.map((note) =>
    upToDate(
      written.pieces.find(({ ref }) => ref === note.ref),
      note,
    ),
  );
  const looks = draft.looks.map((look) => written.looks.find(({ id }) => id === look.id) ?? look);
  const same =
    pieces.length === written.pieces.length &&
    looks.length === written.looks.length &&
    pieces.every((note) => written.pieces.includes(note)) &&
    looks.every((look) => written.looks.includes(look));
  return same ? written : { ...written, pieces, looks };
}

function upToDate(written: PieceNote | undefined, draft: PieceNote): PieceNote {
  if (!written) return draft;
  const [now] = ALTERED.exec(draft.fit) ?? [''];
  const [before] = ALTERED.exec(written.fit) ?? [''];
  return now.trim() === before.trim()
    ? written
    : { ...written, fit: `${written.fit.replace(ALTERED, '')}${now}`.trim() };
}
