import { Button, Checkbox, FileButton, Modal, TextInput } from '@mantine/core';
import { GarmentSketch } from '@ui/GarmentSketch';
import { usualTitle } from '../piece/draft';
import { PieceColours } from '../piece/PieceColours';
import { PieceDetails } from '../piece/PieceDetails';
import { SayPiece } from '../piece/SayPiece';
import { Silhouettes } from '../piece/Silhouettes';
import { type PieceFormProps, type PieceState, usePieceForm } from './usePieceForm';

/**
 * Fast entry: say the piece in words ("navy crew knit, wool") and press Enter, or pick a silhouette and colours,
 * or take a photo's palette. Every guess is shown and may be changed; after Enter the next piece may be said.
 */
export function PieceForm(props: PieceFormProps) {
  const { item, onClose } = props;
  const state = usePieceForm(props);
  const { draft, set, change, busy, save } = state;
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
        <PieceHead state={state} isNew={!item} />
        <PieceColours draft={draft} onChange={change} />
        <PieceDetails draft={draft} onChange={change} />
        <Silhouettes category={draft.category} onPick={(category) => set({ category })} />
        <div className="piece-end">
          <TextInput
            label="Name"
            placeholder={usualTitle(draft)}
            value={draft.title}
            onChange={(event) => set({ title: event.currentTarget.value })}
          />
          <Button type="submit" loading={busy}>
            {item ? 'Save' : 'Add this piece'}
          </Button>
        </div>
      </form>
    </Modal>
  );
}

/** The piece as it is drawn so far, said in words, with its flags and its photo. */
function PieceHead({ state, isNew }: { readonly state: PieceState; readonly isNew: boolean }) {
  const { draft, set, field, words, read, say, photo, preview, takePhoto } = state;
  return (
    <div className="piece-head">
      <span className="stage piece-preview">
        <GarmentSketch piece={preview} fit={128} />
      </span>
      <div className="piece-say">
        <SayPiece
          field={field}
          label={isNew ? 'Describe it (Enter adds it)' : 'Describe it again'}
          words={words}
          read={read}
          onSay={say}
        />
        <div className="piece-flags">
          {(['loved', 'wornWeekly', 'assumed'] as const).map((flag) => (
            <Checkbox
              key={flag}
              size="xs"
              label={{ loved: 'loved', wornWeekly: 'worn weekly', assumed: 'assumed, not confirmed' }[flag]}
              checked={draft[flag]}
              onChange={(event) => set({ [flag]: event.currentTarget.checked })}
            />
          ))}
          <FileButton accept="image/jpeg,image/png,image/webp" onChange={(file) => void takePhoto(file)}>
            {(props) => (
              <Button {...props} size="xs" variant="default" loading={photo.reading}>
                {photo.url ? 'Another photo' : 'From a photo'}
              </Button>
            )}
          </FileButton>
          {photo.url && <img className="garment-photo" src={photo.url} alt="The photo chosen" height={54} />}
        </div>
      </div>
    </div>
  );
}
