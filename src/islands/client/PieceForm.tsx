import type { OwnedView } from '@contracts/closet/owned-view';
import { type Piece } from '@core/piece';
import { Button, Checkbox, FileButton, Modal, TextInput } from '@mantine/core';
import { showDone, showProblem } from '@ui/api';
import { GarmentSketch } from '@ui/GarmentSketch';
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
  usualTitle,
  withPalette,
} from '../piece/draft';
import { PieceColours } from '../piece/PieceColours';
import { PieceDetails } from '../piece/PieceDetails';
import { SayPiece } from '../piece/SayPiece';
import { Silhouettes } from '../piece/Silhouettes';
import { usePhoto } from '../piece/usePhoto';

interface Props {
  readonly clientId: string;
  /** The piece to change; absent: a new one. */
  readonly item?: OwnedView | undefined;
  readonly onClose: () => void;
  readonly onSaved: (item: OwnedView) => void;
  /** What was saved is merged with what somebody else saved meanwhile. */
  readonly onMerged: () => void;
}

/**
 * Fast entry: say the piece in words ("navy crew knit, wool") and press Enter, or pick a silhouette and colours,
 * or take a photo's palette. Every guess is shown and may be changed; after Enter the next piece may be said.
 */
export function PieceForm({ clientId, item, onClose, onSaved, onMerged }: Props) {
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
    const palette = await photo.choose(file, preview.measures.length ?? 700);
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
  return (
    <Modal
      opened
      onClose={onClose}
      title={item ? `Change ${item.piece.title}` : 'Add to the closet'}
      size="xl"
    >
      <form
        className="add-piece"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="piece-head">
          <span className="stage piece-preview">
            <GarmentSketch piece={preview} fit={128} />
          </span>
          <div className="piece-say">
            <SayPiece
              field={field}
              label={item ? 'Describe it again' : 'Describe it (Enter adds it)'}
              words={words}
              read={read}
              onSay={say}
            />
            <div className="piece-flags">
              {(['loved', 'wornWeekly', 'assumed'] as const).map((flag) => (
                <Checkbox
                  key={flag}
                  size="xs"
                  label={
                    { loved: 'loved', wornWeekly: 'worn weekly', assumed: 'assumed, not confirmed' }[flag]
                  }
                  checked={draft[flag]}
                  onChange={(event) => {
                    const { checked } = event.currentTarget;
                    setDraft((now) => ({ ...now, [flag]: checked }));
                  }}
                />
              ))}
              <FileButton accept="image/jpeg,image/png,image/webp" onChange={(file) => void takePhoto(file)}>
                {(props) => (
                  <Button {...props} size="xs" variant="default" loading={photo.reading}>
                    {photo.url ? 'Another photo' : 'From a photo'}
                  </Button>
                )}
              </FileButton>
              {photo.url && (
                <img className="garment-photo" src={photo.url} alt="The photo chosen" height={54} />
              )}
            </div>
          </div>
        </div>
        <PieceColours draft={draft} onChange={change} />
        <PieceDetails draft={draft} onChange={change} />
        <Silhouettes
          category={draft.category}
          onPick={(category) => setDraft((now) => ({ ...now, category }))}
        />
        <div className="piece-end">
          <TextInput
            label="Name"
            placeholder={usualTitle(draft)}
            value={draft.title}
            onChange={(event) => {
              const { value } = event.currentTarget;
              setDraft((now) => ({ ...now, title: value }));
            }}
          />
          <Button type="submit" loading={busy}>
            {item ? 'Save' : 'Add this piece'}
          </Button>
        </div>
      </form>
    </Modal>
  );
}
