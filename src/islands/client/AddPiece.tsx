import type { OwnedView } from '@contracts/views';
import { colourName, colourNames } from '@core/colour';
import { CATEGORIES, CATEGORY, type Category, NECKLINES, pieceFrom, SLEEVES } from '@core/piece';
import { Button, Modal, NativeSelect, TextInput } from '@mantine/core';
import { call, showDone, showProblem } from '@ui/api';
import { GarmentSketch } from '@ui/GarmentSketch';
import { useMemo, useState } from 'react';

const SILHOUETTES = CATEGORIES.map((category) =>
  pieceFrom({ id: category, category, colours: [{ hex: '#8f928e', share: 1 }] }),
);

interface Props {
  readonly clientId: string;
  readonly opened: boolean;
  readonly onClose: () => void;
  readonly onAdded: (item: OwnedView) => void;
}

/** Fast entry: a silhouette, up to three colours, two details, next. The form stays open for the next piece. */
export function AddPiece({ clientId, opened, onClose, onAdded }: Props) {
  const [category, setCategory] = useState<Category>('shirt');
  const [hexes, setHexes] = useState<readonly string[]>(['#fbfbf9']);
  const [neckline, setNeckline] = useState('');
  const [sleeve, setSleeve] = useState('');
  const [title, setTitle] = useState('');
  const [busy, setBusy] = useState(false);
  const upper = CATEGORY[category].shape === 'upper' || CATEGORY[category].shape === 'whole';
  const cut = useMemo(
    () =>
      upper
        ? {
            ...(neckline ? { neckline: neckline as (typeof NECKLINES)[number] } : {}),
            ...(sleeve ? { sleeve: sleeve as (typeof SLEEVES)[number] } : {}),
          }
        : {},
    [upper, neckline, sleeve],
  );
  const colours = useMemo(
    () => hexes.map((hex) => ({ hex, share: 1 / hexes.length, name: colourName(hex) })),
    [hexes],
  );
  const guess = `${colourName(hexes[0] ?? '#808080')} ${CATEGORY[category].label.toLowerCase()}`;
  const name = title || guess[0]?.toUpperCase() + guess.slice(1);
  const preview = useMemo(
    () => pieceFrom({ id: 'new', title: name, category, colours, cut, owned: true }),
    [name, category, colours, cut],
  );
  const pick = (hex: string): void =>
    setHexes((now) =>
      now.includes(hex)
        ? now.length > 1
          ? now.filter((each) => each !== hex)
          : now
        : [...now, hex].slice(-3),
    );
  const add = async (): Promise<void> => {
    setBusy(true);
    try {
      const { id } = await call('save-owned', {
        clientId,
        title: name,
        category,
        colours,
        attributes: { cut },
      });
      onAdded({
        id,
        piece: { ...preview, id: `owned:${id}` },
        assumed: false,
        loved: false,
        wornWeekly: false,
        fromBox: false,
      });
      showDone(`${name} is in the closet.`);
      setTitle('');
    } catch (error) {
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal opened={opened} onClose={onClose} title="Add to the closet" size="xl">
      <form
        className="add-piece"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <div className="silhouettes" role="group" aria-label="Silhouette">
          {SILHOUETTES.map((piece) => (
            <button
              key={piece.id}
              type="button"
              aria-pressed={piece.category === category}
              onClick={() => setCategory(piece.category)}
            >
              <GarmentSketch piece={piece} fit={52} decorative />
              {CATEGORY[piece.category].label}
            </button>
          ))}
        </div>
        <div className="colour-picks" role="group" aria-label="Colours, up to three">
          {colourNames.map(({ name: word, hex }) => (
            <button
              key={hex}
              type="button"
              style={{ background: hex }}
              title={word}
              aria-label={word}
              aria-pressed={hexes.includes(hex)}
              onClick={() => pick(hex)}
            />
          ))}
        </div>
        <div
          style={{
            display: 'grid',
            gridTemplateColumns: '120px 1fr 1fr 1fr auto',
            gap: 10,
            alignItems: 'end',
          }}
        >
          <span className="stage" style={{ display: 'grid', placeItems: 'center', height: 110 }}>
            <GarmentSketch piece={preview} fit={96} />
          </span>
          <NativeSelect
            label="Neckline"
            disabled={!upper}
            data={[{ value: '', label: 'usual' }, ...NECKLINES]}
            value={neckline}
            onChange={(event) => setNeckline(event.currentTarget.value)}
          />
          <NativeSelect
            label="Sleeve"
            disabled={!upper}
            data={[{ value: '', label: 'usual' }, ...SLEEVES]}
            value={sleeve}
            onChange={(event) => setSleeve(event.currentTarget.value)}
          />
          <TextInput
            label="Name"
            placeholder={name}
            value={title}
            onChange={(event) => setTitle(event.currentTarget.value)}
          />
          <Button type="submit" loading={busy}>
            Add, next
          </Button>
        </div>
      </form>
    </Modal>
  );
}
