import type { GarmentSheet } from '@contracts/stock/garment-sheet';

import { sizeWords, styleIdOf } from '@core/stock';
import { Button, FileButton, Modal, Tabs, TextInput } from '@mantine/core';
import { amountIn, amountOf } from '@ui/amounts';
import { ApiProblem, call, showDone, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { GarmentSketch } from '@ui/GarmentSketch';
import { type ReactNode, useEffect, useMemo, useState } from 'react';
import {
  draftOfWords,
  NEW_PIECE,
  type PartProps,
  type PieceDraft,
  pieceInput,
  pieceOfDraft,
  usualTitle,
  withPalette,
} from '../piece/draft';
import { PieceColours } from '../piece/PieceColours';
import { PieceDetails } from '../piece/PieceDetails';
import { PieceLabel } from '../piece/PieceLabel';
import { SayPiece } from '../piece/SayPiece';
import { Silhouettes } from '../piece/Silhouettes';
import { usePhoto } from '../piece/usePhoto';
import { rowFaults, rowsOf, type SizeDraft, sizesInput } from './size-rows';
import { SizeRun } from './SizeRun';
import { ForWhom } from './ForWhom';
import { StockLedger } from './StockLedger';

interface Props {
  /** The garment to open; absent: a new one. */
  readonly id?: string | undefined;
  /** False: stock may be counted, the garment itself is only looked at. */
  readonly mayChange: boolean;
  readonly onClose: () => void;
  readonly onSaved: () => void;
}

/** A garment of the stockroom: opened to look at, change, photograph, count; or entered anew. */
export function GarmentForm({ id, mayChange, onClose, onSaved }: Props) {
  const [sheet, setSheet] = useState<GarmentSheet>();
  const [changed, setChanged] = useState(false);
  useEffect(() => {
    if (id) call('garment-sheet', { id }).then(setSheet, showProblem);
  }, [id]);
  const [entered, setEntered] = useState(0);
  const saved = (): void => {
    setChanged(false);
    onSaved();
    // A new one makes room for the next; one that was opened is done with.
    if (id) onClose();
    else setEntered((count) => count + 1);
  };
  const leave = (): void => {
    if (!changed || window.confirm('Leave without saving what you changed?')) onClose();
  };
  return (
    <Modal opened onClose={leave} size={1280} title={id ? (sheet?.title ?? 'Garment') : 'New garment'}>
      {id && !sheet ? (
        <p role="status">Fetching it from the stockroom…</p>
      ) : sheet && !mayChange ? (
        <Ledger sheet={sheet} onBooked={onSaved} />
      ) : (
        <Sheet
          key={entered}
          sheet={sheet}
          onChanged={setChanged}
          onPhotoOff={() => {
            setSheet((now) => now && { ...now, photo: undefined });
            onSaved();
          }}
          onBooked={onSaved}
          onSaved={saved}
        />
      )}
    </Modal>
  );
}

interface SheetProps {
  readonly sheet: GarmentSheet | undefined;
  readonly onChanged: (changed: boolean) => void;
  readonly onPhotoOff: () => void;
  readonly onBooked: () => void;
  readonly onSaved: () => void;
}

interface Shop {
  readonly label: string;
  readonly styleId: string;
  readonly setId: string;
  readonly price: string;
  readonly cost: string;
}

const NEW_SHOP: Shop = { label: '', styleId: '', setId: '', price: '', cost: '' };

function Sheet({ sheet, onChanged, onPhotoOff, onBooked, onSaved }: SheetProps) {
  const [draft, setDraft] = useState<PieceDraft>(sheet ?? NEW_PIECE);
  const [shop, setShop] = useState<Shop>(
    sheet
      ? {
          ...sheet,
          price: sheet.priceMinor === null ? '' : amountIn(sheet.priceMinor),
          cost: sheet.costMinor === null ? '' : amountIn(sheet.costMinor),
        }
      : NEW_SHOP,
  );
  const [rows, setRows] = useState<readonly SizeDraft[]>(sheet ? rowsOf(sheet) : []);
  const [numberEans, setNumberEans] = useState(false);
  const [faults, setFaults] = useState<Readonly<Record<string, string>>>({});
  const [words, setWords] = useState('');
  const [tab, setTab] = useState<string | null>('garment');
  const [busy, setBusy] = useState(false);
  const photo = usePhoto();
  const preview = useMemo(() => pieceOfDraft(draft, false), [draft]);
  const read = useMemo(() => draftOfWords(words, NEW_PIECE).read, [words]);
  const touched = (): void => onChanged(true);
  const change: PartProps['onChange'] = (part) => {
    setDraft((now) => ({ ...now, ...part(now) }));
    touched();
  };
  const say = (text: string): void => {
    setWords(text);
    const said = draftOfWords(text, draft).draft;
    if (said) change(() => said);
  };
  const takePhoto = async (file: File | null): Promise<void> => {
    if (await photo.choose(file, preview.measures.length ?? 700)) touched();
  };
  const takeColours = (): void => {
    const { palette } = photo;
    if (palette) change((now) => withPalette(now, palette));
  };
  const takeOff = async (): Promise<void> => {
    if (photo.url) return photo.forget();
    if (!sheet) return;
    try {
      await call('remove-photo', { of: 'garment', id: sheet.id });
      onPhotoOff();
    } catch (error) {
      showProblem(error);
    }
  };
  const save = async (): Promise<void> => {
    const priceMinor = amountOf(shop.price);
    const found: Record<string, string> = rowFaults(rows);
    if (priceMinor === undefined || priceMinor < 0) found.priceMinor = 'an amount is wanted, as 129.00';
    const costMinor = shop.cost.trim() === '' ? null : amountOf(shop.cost);
    if (costMinor === undefined || (costMinor ?? 0) < 0) found.costMinor = 'an amount, or nothing';
    if (rows.length === 0) found.sizes = 'a garment has at least one size';
    setFaults(found);
    if (priceMinor === undefined || costMinor === undefined || Object.keys(found).length > 0)
      return show(found);
    setBusy(true);
    try {
      const { id: _id, ...piece } = pieceInput(draft);
      const before = sheet
        ? {
            ...pieceInput(sheet),
            label: sheet.label,
            styleId: sheet.styleId,
            setId: sheet.setId,
            priceMinor: sheet.priceMinor ?? undefined,
            costMinor: sheet.costMinor,
            sizes: sizesInput(rowsOf(sheet)),
          }
        : {};
      const input = {
        ...piece,
        id: sheet?.id,
        version: sheet?.version,
        label: shop.label,
        styleId: shop.styleId,
        setId: shop.setId,
        priceMinor,
        costMinor,
        sizes: sizesInput(rows),
        numberEans,
      };
      const { id } = await callMerging('save-garment', input, before);
      await photo.send('garment', id);
      showDone(`${piece.title} is in the stockroom.`);
      onSaved();
    } catch (error) {
      const told = Object.fromEntries(
        (error instanceof ApiProblem ? error.faults : []).map(({ path, message }) => [path, message]),
      );
      setFaults(told);
      show(told);
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  /** Opens the leaf on which the first fault stands. */
  const show = (found: Readonly<Record<string, string>>): void => {
    const [first] = Object.keys(found);
    if (first) setTab(first.startsWith('sizes') ? 'sizes' : 'garment');
  };
  const shopField = (key: keyof Shop, label: string, placeholder = ''): ReactNode => (
    <TextInput
      label={label}
      placeholder={placeholder}
      value={shop[key]}
      error={faults[key === 'price' || key === 'cost' ? `${key}Minor` : key]}
      inputMode={key === 'price' || key === 'cost' ? 'decimal' : undefined}
      onChange={(event) => {
        const { value } = event.currentTarget;
        setShop((now) => ({ ...now, [key]: value }));
        touched();
      }}
    />
  );
  const shown = photo.url ?? (sheet?.photo ? `/photo/${sheet.photo}` : undefined);
  return (
    <div className="garment-sheet">
      <div className="garment-side">
        <span className="stage garment-stage">
          <GarmentSketch piece={preview} fit={200} />
        </span>
        {shown ? (
          <img className="garment-shot" src={shown} alt={`Photo of ${preview.title}`} />
        ) : (
          <p className="small soft">No photo: the sketch is shown everywhere.</p>
        )}
        <div className="garment-photo-keys">
          <FileButton accept="image/jpeg,image/png,image/webp" onChange={(file) => void takePhoto(file)}>
            {(props) => (
              <Button {...props} size="xs" variant="default" loading={photo.reading}>
                {shown ? 'Another photo' : 'Add a photo'}
              </Button>
            )}
          </FileButton>
          {photo.palette && (
            <Button size="xs" variant="default" onClick={takeColours}>
              Take its colours
            </Button>
          )}
          {shown && (
            <Button size="xs" variant="default" onClick={() => void takeOff()}>
              Take it off
            </Button>
          )}
        </div>
        <Button loading={busy} fullWidth onClick={() => void save()}>
          {sheet ? 'Save' : 'Add to the stockroom'}
        </Button>
      </div>
      <Tabs value={tab} onChange={setTab} keepMounted={false}>
        <Tabs.List>
          <Tabs.Tab value="garment">Garment</Tabs.Tab>
          <Tabs.Tab value="sizes">Sizes ({rows.length})</Tabs.Tab>
          {sheet && <Tabs.Tab value="stock">Stock and ledger</Tabs.Tab>}
          {sheet?.priceMinor != null && <Tabs.Tab value="whom">For whom</Tabs.Tab>}
        </Tabs.List>
        <Tabs.Panel value="garment" pt="sm">
          <Leaf onEnter={save}>
            <SayPiece
              label={sheet ? 'Describe it again' : 'Describe it'}
              words={words}
              read={read}
              onSay={say}
            />
            <div className="garment-shop">
              <TextInput
                label="Name"
                placeholder={usualTitle(draft)}
                value={draft.title}
                error={faults.title}
                onChange={(event) => {
                  const { value } = event.currentTarget;
                  change(() => ({ title: value }));
                }}
              />
              {shopField('label', 'Label')}
              {shopField('price', 'Price', '129.00')}
              {shopField('cost', 'Cost price', 'may be left out')}
              {shopField('styleId', 'Style code', styleIdOf(draft.title || usualTitle(draft)))}
              {shopField('setId', 'Set', 'matching set with')}
            </div>
            <PieceColours draft={draft} onChange={change} />
            <PieceDetails draft={draft} onChange={change} />
            <PieceLabel draft={draft} onChange={change} />
            <Silhouettes category={draft.category} onPick={(category) => change(() => ({ category }))} />
          </Leaf>
        </Tabs.Panel>
        <Tabs.Panel value="sizes" pt="sm">
          <Leaf onEnter={save}>
            <SizeRun
              category={draft.category}
              styleId={shop.styleId || styleIdOf(draft.title || usualTitle(draft))}
              rows={rows}
              faults={Object.fromEntries(Object.entries(faults).filter(([path]) => path.startsWith('sizes')))}
              numberEans={numberEans}
              onRows={(next) => {
                setRows(next);
                touched();
              }}
              onNumberEans={(on) => {
                setNumberEans(on);
                touched();
              }}
            />
          </Leaf>
        </Tabs.Panel>
        {sheet && (
          <Tabs.Panel value="stock" pt="sm">
            <Ledger sheet={sheet} onBooked={onBooked} />
          </Tabs.Panel>
        )}
        {sheet && (
          <Tabs.Panel value="whom" pt="sm">
            <ForWhom garmentId={sheet.id} />
          </Tabs.Panel>
        )}
      </Tabs>
    </div>
  );
}

/** A leaf on which Enter saves. The ledger has a form of its own, and forms do not go into one another. */
function Leaf({
  onEnter,
  children,
}: {
  readonly onEnter: () => Promise<void>;
  readonly children: ReactNode;
}) {
  return (
    <form
      className="add-piece"
      onSubmit={(event) => {
        event.preventDefault();
        void onEnter();
      }}
    >
      {children}
      <button type="submit" hidden />
    </form>
  );
}

function Ledger({ sheet, onBooked }: { readonly sheet: GarmentSheet; readonly onBooked: () => void }) {
  return (
    <StockLedger
      sizes={sheet.sizes.map(({ id, size, length }) => ({ id, words: sizeWords({ size, length }) }))}
      locations={sheet.locations}
      onBooked={onBooked}
    />
  );
}
