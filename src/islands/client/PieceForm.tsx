import type { OwnedView } from '@contracts/views';
import { colourName, colourNames } from '@core/colour';
import {
  CATEGORIES,
  CATEGORY,
  LEGS,
  NECKLINES,
  PATTERN_KINDS,
  type Piece,
  pieceFrom,
  RISES,
  SILHOUETTES,
  SLEEVES,
  TEXTURES,
  TOES,
  VOLUMES,
} from '@core/piece';
import { Button, Checkbox, FileButton, Modal, NativeSelect, TextInput } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { GarmentSketch } from '@ui/GarmentSketch';
import { useMemo, useRef, useState } from 'react';
import { base64Of, photoFault, readPalette } from '../photo/photo';
import {
  draftOf,
  draftOfWords,
  inputOf,
  NEW_PIECE,
  type PieceDraft,
  pieceOfDraft,
  usualTitle,
} from './draft';

const SILHOUETTES_OF_KINDS = CATEGORIES.map((category) =>
  pieceFrom({ id: category, category, colours: [{ hex: '#8f928e', share: 1 }] }),
);

interface Props {
  readonly clientId: string;
  /** The piece to change; absent: a new one. */
  readonly item?: OwnedView | undefined;
  readonly onClose: () => void;
  readonly onSaved: (item: OwnedView) => void;
}

/**
 * Fast entry: say the piece in words ("navy crew knit, wool") and press Enter, or pick a silhouette and colours,
 * or take a photo's palette. Every guess is shown and may be changed; after Enter the next piece may be said.
 */
export function PieceForm({ clientId, item, onClose, onSaved }: Props) {
  const [draft, setDraft] = useState<PieceDraft>(item ? draftOf(item) : NEW_PIECE);
  const [words, setWords] = useState('');
  const [photo, setPhoto] = useState<{ file: File; url: string }>();
  const [reading, setReading] = useState(false);
  const [busy, setBusy] = useState(false);
  const field = useRef<HTMLInputElement>(null);
  const preview = useMemo(() => pieceOfDraft(draft), [draft]);
  const read = useMemo(() => draftOfWords(words, NEW_PIECE).read, [words]);
  const say = (text: string): void => {
    setWords(text);
    const said = draftOfWords(text, item ? draft : NEW_PIECE).draft;
    if (said) setDraft(said);
  };
  const takePhoto = async (file: File | null): Promise<void> => {
    if (!file) return;
    const fault = photoFault(file);
    if (fault) return showProblem(new Error(fault), fault);
    setReading(true);
    try {
      const { colours, pattern } = await readPalette(file, preview.measures.length ?? 700);
      setDraft((now) => ({ ...now, colours, attributes: { ...now.attributes, pattern } }));
      setPhoto({ file, url: URL.createObjectURL(file) });
    } catch {
      showProblem(undefined, `${file.name} cannot be read as a photo. JPEG, PNG and WebP can.`);
    } finally {
      setReading(false);
    }
  };
  const save = async (): Promise<void> => {
    setBusy(true);
    try {
      const input = inputOf(draft);
      const { id } = await call('save-owned', { clientId, ...input });
      const kept = photo
        ? await call('save-photo', { of: 'owned', id, dataBase64: await base64Of(photo.file) })
        : undefined;
      const saved: Piece = { ...pieceOfDraft({ ...draft, title: input.title }), id: `owned:${id}` };
      onSaved({
        id,
        piece: saved,
        assumed: draft.assumed,
        loved: draft.loved,
        wornWeekly: draft.wornWeekly,
        fromBox: item?.fromBox ?? false,
        photo: kept?.photoId ?? item?.photo,
      });
      showDone(`${input.title} is in the closet.`);
      if (item) return onClose();
      setDraft(NEW_PIECE);
      setWords('');
      setPhoto(undefined);
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
            <TextInput
              ref={field}
              data-autofocus
              label={item ? 'Say it anew' : 'Say it in words (Enter adds it)'}
              placeholder="navy crew knit, wool"
              value={words}
              onChange={(event) => say(event.currentTarget.value)}
            />
            <div className="ask-read small" aria-live="polite">
              {read?.guesses.map((guess) => (
                <span key={guess.field + guess.word} className="chip">
                  {guess.means.toLowerCase()}
                </span>
              ))}
              {read?.unread.map((word) => (
                <span key={word} className="soft">
                  {word}: not understood
                </span>
              ))}
              {read && !read.piece && <span className="soft">what kind of piece?</span>}
            </div>
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
                  <Button {...props} size="xs" variant="default" loading={reading}>
                    {photo ? 'Another photo' : 'From a photo'}
                  </Button>
                )}
              </FileButton>
              {photo && <img className="garment-photo" src={photo.url} alt="The photo chosen" height={54} />}
            </div>
          </div>
        </div>
        <Colours draft={draft} onChange={setDraft} />
        <Details draft={draft} onChange={setDraft} />
        <div className="silhouettes" role="group" aria-label="Silhouette">
          {SILHOUETTES_OF_KINDS.map((piece) => (
            <button
              key={piece.id}
              type="button"
              aria-pressed={piece.category === draft.category}
              onClick={() => setDraft((now) => ({ ...now, category: piece.category }))}
            >
              <GarmentSketch piece={piece} fit={46} decorative />
              {CATEGORY[piece.category].label}
            </button>
          ))}
        </div>
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

interface PartProps {
  readonly draft: PieceDraft;
  readonly onChange: (change: (now: PieceDraft) => PieceDraft) => void;
}

/** Shares of one, two and three colours picked by hand: the first one leads. */
const SHARES = [[1], [0.65, 0.35], [0.6, 0.25, 0.15]] as const;

function Colours({ draft, onChange }: PartProps) {
  const hexes = draft.colours.map(({ hex }) => hex);
  const pick = (hex: string): void =>
    onChange((now) => {
      const before = now.colours.map((swatch) => swatch.hex);
      const after = before.includes(hex)
        ? before.length > 1
          ? before.filter((each) => each !== hex)
          : before
        : [...before, hex].slice(-3);
      const shares = SHARES[after.length - 1] ?? SHARES[0];
      return { ...now, colours: after.map((each, i) => ({ hex: each, share: shares[i] ?? 0 })) };
    });
  return (
    <div>
      <div className="colour-picks" role="group" aria-label="Colours, up to three">
        {colourNames.map(({ name, hex }) => (
          <button
            key={hex}
            type="button"
            style={{ background: hex }}
            title={name}
            aria-label={name}
            aria-pressed={hexes.includes(hex)}
            onClick={() => pick(hex)}
          />
        ))}
      </div>
      <p className="small soft">
        {draft.colours.map(({ hex, share }) => `${colourName(hex)} ${Math.round(share * 100)} %`).join(', ')}
      </p>
    </div>
  );
}

/** The details that make sense for this kind of piece. */
function Details({ draft, onChange }: PartProps) {
  const { shape } = CATEGORY[draft.category];
  const { cut = {}, fabric = {}, pattern } = draft.attributes;
  const isUpper = shape === 'upper' || shape === 'whole';
  const isLegged = ['trousers', 'jeans', 'jumpsuit', 'shorts'].includes(draft.category);
  const setCut = (key: keyof typeof cut, value: string): void =>
    onChange((now) => ({
      ...now,
      attributes: { ...now.attributes, cut: { ...now.attributes.cut, [key]: value || undefined } },
    }));
  const select = (
    label: string,
    words: readonly string[],
    value: string | undefined,
    set: (value: string) => void,
  ) => (
    <NativeSelect
      key={label}
      size="xs"
      label={label}
      data={[{ value: '', label: 'usual' }, ...words]}
      value={value ?? ''}
      onChange={(event) => set(event.currentTarget.value)}
    />
  );
  return (
    <div className="piece-details">
      {isUpper && select('Neckline', NECKLINES, cut.neckline, (value) => setCut('neckline', value))}
      {isUpper && select('Sleeve', SLEEVES, cut.sleeve, (value) => setCut('sleeve', value))}
      {isLegged && select('Leg', LEGS, cut.leg, (value) => setCut('leg', value))}
      {shape === 'lower' && select('Rise', RISES, cut.rise, (value) => setCut('rise', value))}
      {(draft.category === 'skirt' || draft.category === 'dress') &&
        select('Silhouette', SILHOUETTES, cut.silhouette, (value) => setCut('silhouette', value))}
      {shape === 'shoe' && select('Toe', TOES, cut.toe, (value) => setCut('toe', value))}
      {select('Cloth', TEXTURES, fabric.texture, (value) =>
        onChange((now) => ({
          ...now,
          attributes: {
            ...now.attributes,
            fabric: { ...now.attributes.fabric, texture: (value || 'smooth') as (typeof TEXTURES)[number] },
          },
        })),
      )}
      {select('Pattern', PATTERN_KINDS, pattern?.kind, (value) =>
        onChange((now) => ({
          ...now,
          attributes: {
            ...now.attributes,
            pattern: value
              ? {
                  repeatMm: 40,
                  contrast: 0.5,
                  ...now.attributes.pattern,
                  kind: value as (typeof PATTERN_KINDS)[number],
                }
              : undefined,
          },
        })),
      )}
      {select('Volume', VOLUMES, draft.attributes.volume, (value) =>
        onChange((now) => ({
          ...now,
          attributes: {
            ...now.attributes,
            volume: (value || undefined) as (typeof VOLUMES)[number] | undefined,
          },
        })),
      )}
    </div>
  );
}
