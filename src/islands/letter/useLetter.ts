import type { BoxView } from '@contracts/box/box-view';
import { hasLeft } from '@core/box';
import { broughtUp, type LetterDraft, type PieceNote } from '@core/letter';
import { call, showProblem } from '@ui/api';
import { useBox } from '@ui/useBox';
import { useCallback, useEffect, useState } from 'react';

/** The letter of a box as it is being written: drafted, brought up to the box, rewritten, saved. */
export function useLetter(initial: BoxView) {
  const { view, busy, run } = useBox(initial);
  const [letter, setLetter] = useState<LetterDraft | null>(initial.letter);
  const [dirty, setDirty] = useState(false);
  const [renewed, setRenewed] = useState(false);
  const { id: boxId, letter: written } = initial;
  const draft = useCallback(
    () =>
      call('draft-letter', { boxId }).then((answer) => {
        // What was packed for a journey was laid in by hand, and no draft knows it.
        setLetter((now) => ({ ...answer.letter, journey: now?.journey }));
        setDirty(true);
      }, showProblem),
    [boxId],
  );
  // A letter that was written is brought up to the box as it is now: swapped, altered or held since.
  useEffect(() => {
    if (written === null) return void draft();
    if (hasLeft(initial.state)) return undefined;
    call('draft-letter', { boxId }).then(({ letter: fresh }) => {
      const now = broughtUp(written, fresh);
      if (now === written) return;
      setLetter(now);
      setDirty(true);
      setRenewed(true);
    }, showProblem);
    return undefined;
  }, [written, draft, boxId, initial.state]);
  const save = async (): Promise<void> => {
    if (
      letter &&
      (await run(
        'save-letter',
        { boxId: view.id, version: view.version, letter },
        'The letter is written.',
        view.letter ? { letter: view.letter } : { letter },
      ))
    ) {
      setDirty(false);
      setRenewed(false);
    }
  };
  const change = (part: Partial<LetterDraft>): void => {
    setLetter((now) => (now ? { ...now, ...part } : now));
    setDirty(true);
  };
  const changeNote = (ref: string, part: Partial<PieceNote>): void =>
    change({
      pieces: (letter?.pieces ?? []).map((note) => (note.ref === ref ? { ...note, ...part } : note)),
    });
  const changeLook = (id: string, line: string): void =>
    change({ looks: (letter?.looks ?? []).map((each) => (each.id === id ? { ...each, line } : each)) });
  const stands =
    letter === null
      ? 'Drafting…'
      : renewed
        ? 'The box has changed since: what is new is drafted, not saved yet.'
        : dirty
          ? 'Drafted, not saved yet.'
          : 'Saved.';
  return { view, busy, run, letter, stands, draft, save, change, changeNote, changeLook };
}
