import type { GarmentSheet } from '@contracts/stock/garment-sheet';
import { ApiProblem, call, showDone, showProblem } from '@ui/api';
import { callMerging } from '@ui/merging';
import { useMemo, useState } from 'react';
import {
  draftOfWords,
  NEW_PIECE,
  type PartProps,
  type PieceDraft,
  pieceOfDraft,
  withPalette,
} from '../piece/draft';
import { usePhoto } from '../piece/usePhoto';
import { amountsOf, garmentBefore, garmentInput, type ShopDraft, shopDraftOf } from './garment-draft';
import { rowsOf, type SizeDraft } from './size-rows';

export interface SheetProps {
  /** Absent: a garment that is entered anew. */
  readonly sheet: GarmentSheet | undefined;
  readonly onChanged: (changed: boolean) => void;
  readonly onPhotoOff: () => void;
  readonly onBooked: () => void;
  readonly onSaved: () => void;
}

/** A garment while it is entered or changed: what is typed, its photo, its faults, and the saving of it. */
export function useGarmentSheet({ sheet, onChanged, onPhotoOff, onSaved }: SheetProps) {
  const [draft, setDraft] = useState<PieceDraft>(sheet ?? NEW_PIECE);
  const [shop, setShop] = useState(() => shopDraftOf(sheet));
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
  const changeShop = (part: Partial<ShopDraft>): void => {
    setShop((now) => ({ ...now, ...part }));
    touched();
  };
  const changeRows = (next: readonly SizeDraft[]): void => {
    setRows(next);
    touched();
  };
  const changeNumbering = (on: boolean): void => {
    setNumberEans(on);
    touched();
  };
  const say = (text: string): void => {
    setWords(text);
    const said = draftOfWords(text, draft).draft;
    if (said) change(() => said);
  };
  const takePhoto = async (file: File | null): Promise<void> => {
    if (await photo.choose(file, preview.measures.length)) touched();
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
  /** Says what is wrong, and opens the leaf on which the first fault stands. */
  const tell = (found: Readonly<Record<string, string>>): void => {
    setFaults(found);
    const [first] = Object.keys(found);
    if (first) setTab(first.startsWith('sizes') ? 'sizes' : 'garment');
  };
  const save = async (): Promise<void> => {
    const { amounts, faults: found } = amountsOf(shop, rows);
    tell(found);
    if (!amounts) return;
    setBusy(true);
    try {
      const input = garmentInput(draft, shop, amounts, rows);
      const { id } = await callMerging(
        'save-garment',
        { ...input, id: sheet?.id, version: sheet?.version, numberEans },
        sheet ? garmentBefore(sheet) : {},
      );
      await photo.send('garment', id);
      showDone(`${input.title} is in the stockroom.`);
      onSaved();
    } catch (error) {
      const told = error instanceof ApiProblem ? error.faults : [];
      tell(Object.fromEntries(told.map(({ path, message }) => [path, message])));
      showProblem(error);
    } finally {
      setBusy(false);
    }
  };
  return {
    draft,
    change,
    shop,
    changeShop,
    rows,
    changeRows,
    numberEans,
    changeNumbering,
    faults,
    words,
    read,
    say,
    tab,
    setTab,
    busy,
    save,
    preview,
    photo,
    /** Where its photo is, the one just chosen first. */
    shown: photo.url ?? (sheet?.photo ? `/photo/${sheet.photo}` : undefined),
    takePhoto,
    takeColours,
    takeOff,
  };
}
export type SheetState = ReturnType<typeof useGarmentSheet>;
