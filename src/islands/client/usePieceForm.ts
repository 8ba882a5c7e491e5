import type { OwnedView } from '@contracts/closet/owned-view';
import { type Piece } from '@core/piece';
import { showDone, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { useMemo, useRef, useState } from 'react';
import {
  type ClosetDraft,
  draftOf,
  draftOfWords,
  inputOf,
  NEW_PIECE,
  type PartProps,
  pieceOfDraft,
  withPalette,
} from '../piece/draft';
import { usePhoto } from '../piece/usePhoto';

export interface PieceFormProps {
  readonly clientId: string;
  /** The piece to change; absent: a new one. */
  readonly item?: OwnedView | undefined;
  readonly onClose: () => void;
  readonly onSaved: (item: OwnedView) => void;
  /** What was saved is merged with what somebody else saved meanwhile. */
  readonly onMerged: () => void;
}

/** A piece of a closet while it is entered or changed. */
export function usePieceForm({ clientId, item, onClose, onSaved, onMerged }: PieceFormProps) {
  const [draft, setDraft] = useState<ClosetDraft>(item ? draftOf(item) : NEW_PIECE);
  const [words, setWords] = useState('');
  const photo = usePhoto();
  const [busy, setBusy] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const preview = useMemo(() => pieceOfDraft(draft), [draft]);
  const read = useMemo(() => draftOfWords(words, NEW_PIECE).read, [words]);
  const say = (text: string): void => {
    setWords(text);
    const said = draftOfWords(text, item ? draft : NEW_PIECE).draft;
    if (said) setDraft(said);
  };
  const change: PartProps['onChange'] = (part) => setDraft((now) => ({ ...now, ...part(now) }));
  const takePhoto = async (file: File | null): Promise<void> => {
    const palette = await photo.choose(file, preview.measures.length);
    if (palette) change((now) => withPalette(now, palette));
  };
  const save = async (): Promise<void> => {
    setBusy(true);
    try {
      const input = inputOf(draft);
      const before = item ? { clientId, ...inputOf(draftOf(item)) } : {};
      const { id, version } = await callMerging(
        'save-owned',
        { clientId, version: item?.version, ...input },
        before,
        onMerged,
      );
      const kept = await photo.send('owned', id);
      const saved: Piece = { ...pieceOfDraft({ ...draft, title: input.title }), id: `owned:${id}` };
      onSaved({
        id,
        version,
        piece: saved,
        assumed: draft.assumed,
        loved: draft.loved,
        wornWeekly: draft.wornWeekly,
        fromBox: item?.fromBox ?? false,
        photo: kept ?? item?.photo,
      });
      showDone(`${input.title} is in the closet.`);
      if (item) return onClose();
      setDraft(NEW_PIECE);
      setWords('');
      photo.forget();
      field.current?.focus();
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  const set = (part: Partial<ClosetDraft>): void => setDraft((now) => ({ ...now, ...part }));
  return { draft, set, change, field, words, read, say, photo, preview, takePhoto, busy, save };
}
export type PieceState = ReturnType<typeof usePieceForm>;
