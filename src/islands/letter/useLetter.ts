import type { Answer } from '@contracts/calls';
import type { BoxView } from '@contracts/box/box-view';
import { hasLeft } from '@core/box';
import {
  asDrafted,
  type LetterDraft,
  type LetterStyle,
  type LineKey,
  lineIn,
  moved,
  ownLines,
  redrafted,
  rewritten,
  USUAL_STYLE,
  withLook,
} from '@core/letter';
import { same } from '@core/merge';
import { call, showDone, showProblem } from '@ui/api';
import { keepIn, keptIn } from '@ui/kept';
import { useBox } from '@ui/useBox';
import { useCallback, useEffect, useRef, useState } from 'react';

/** What a tab keeps of a letter that is not saved yet. */
interface Kept {
  readonly letter: LetterDraft;
  /** As it was saved when the writing began: what somebody else saves meanwhile is told by it. */
  readonly written: LetterDraft | null;
}
const keyOf = (boxId: string): string => `letter ${boxId}`;
/** Steps of undo. */
const STEPS = 50;

/** What may be done with one line of a letter. */
export interface LineTools {
  readonly text: string;
  readonly isLocked: boolean;
  /** It reads otherwise since it was drafted anew. */
  readonly isChanged: boolean;
  readonly isStruck: boolean;
  readonly write: (text: string) => void;
  readonly strike: () => void;
  /** Undefined where there is but one. */
  readonly another: (() => void) | undefined;
  /** What the draft says, where the stylist says something else. */
  readonly drafted: string | undefined;
  readonly takeDraft: () => void;
  readonly phrases: readonly string[];
}

/** The letter of a box as it is being written: drafted, brought up to the box, rewritten, arranged, saved. */
export function useLetter(initial: BoxView) {
  const { view, busy, run } = useBox(initial);
  const [letter, setLetter] = useState<LetterDraft | null>(initial.letter);
  const [written, setWritten] = useState<LetterDraft | null>(initial.letter);
  const [fresh, setFresh] = useState<Answer<'draft-letter'>>();
  const [changed, setChanged] = useState<readonly LineKey[]>([]);
  const [past, setPast] = useState<readonly LetterDraft[]>([]);
  const { id: boxId } = initial;
  const isLocked = hasLeft(view.state);
  const latest = useRef({ letter, written, isLocked });
  latest.current = { letter, written, isLocked };

  const asked = useRef(0);
  const draft = useCallback(
    async (style?: LetterStyle): Promise<void> => {
      const mine = ++asked.current;
      try {
        const answer = await call('draft-letter', { boxId, style });
        // Another tone was pressed meanwhile: the last one counts.
        if (mine !== asked.current) return;
        setFresh(answer);
        const now = latest.current.letter;
        if (now === null) return setLetter(answer.letter);
        const { letter: next, changed: other } = redrafted(now, answer.letter);
        setChanged(other);
        if (next === now) return;
        setPast((before) => [...before, now].slice(-STEPS));
        setLetter(next);
      } catch (error) {
        showProblem(error);
      }
    },
    [boxId],
  );
  // What was typed before the page was loaded anew is there again; then it is brought up to the box as it is now.
  useEffect(() => {
    if (hasLeft(initial.state)) return;
    const kept = keptIn<Kept>(keyOf(boxId));
    if (kept && !same(kept.letter, initial.letter)) {
      latest.current = { ...latest.current, letter: kept.letter };
      setLetter(kept.letter);
      setWritten(kept.written);
      showDone('The letter is as you left it.');
    }
    void draft(latest.current.letter?.style);
  }, [boxId, draft, initial.letter, initial.state]);
  useEffect(() => {
    const keep = (): void => {
      const { letter: now, written: before, isLocked: locked } = latest.current;
      const kept: Kept | undefined =
        now !== null && !locked && !same(now, before) ? { letter: now, written: before } : undefined;
      keepIn(keyOf(boxId), kept);
    };
    window.addEventListener('pagehide', keep);
    return () => window.removeEventListener('pagehide', keep);
  }, [boxId]);

  /** A step that undo takes back as a whole; what is typed has the field's own undo. */
  const step = (change: (now: LetterDraft) => LetterDraft): void => {
    if (letter === null || isLocked) return;
    const next = change(letter);
    if (next === letter) return;
    setPast((before) => [...before, letter].slice(-STEPS));
    setLetter(next);
  };
  const undo = (): void => {
    const before = past.at(-1);
    if (!before) return;
    setPast(past.slice(0, -1));
    setLetter(before);
    setChanged([]);
  };
  const save = async (): Promise<boolean> => {
    if (letter === null || isLocked) return false;
    const answer = await run(
      'save-letter',
      { boxId: view.id, version: view.version, letter },
      'The letter is written.',
      { letter: written ?? letter },
    );
    if (!answer) return false;
    setWritten(letter);
    setChanged([]);
    return true;
  };

  const line = (key: LineKey): LineTools => {
    const text = (letter && lineIn(letter, key)) ?? '';
    const own = letter !== null && ownLines(letter).includes(key);
    const drafted = fresh && lineIn(fresh.letter, key);
    const others = fresh?.wordings[key] ?? [];
    const next = others[(others.indexOf(text) + 1) % others.length];
    return {
      text,
      isLocked,
      isChanged: changed.includes(key),
      isStruck: own && text === '' && !!drafted,
      write: (words) => setLetter((now) => now && rewritten(now, key, words)),
      strike: () => step((now) => rewritten(now, key, '')),
      another:
        next !== undefined && next !== text ? () => step((now) => rewritten(now, key, next)) : undefined,
      drafted: own && drafted !== undefined && drafted !== text ? drafted : undefined,
      takeDraft: () => fresh && step((now) => asDrafted(now, fresh.letter, key)),
      phrases: fresh?.phrases ?? [],
    };
  };
  return {
    view,
    busy,
    run,
    letter,
    isLocked,
    isDirty: !same(letter, written),
    changed: changed.length,
    style: letter?.style ?? fresh?.letter.style ?? USUAL_STYLE,
    draft,
    save,
    undo: past.length > 0 && !isLocked ? undo : undefined,
    line,
    change: (part: Partial<LetterDraft>) => setLetter((now) => now && { ...now, ...part }),
    move: (ref: string, by: -1 | 1) => step((now) => moved(now, ref, by)),
    showLook: (id: string, isShown: boolean) => step((now) => withLook(now, id, !isShown)),
  };
}
export type Letter = ReturnType<typeof useLetter>;
