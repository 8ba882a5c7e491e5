import type { Palette } from '@core/palette';
import { call, showProblem } from '@ui/api';
import { useState } from 'react';
import { base64Of, photoFault, readPalette } from './photo';

/** Length of a piece where its own is not known. */
const USUAL_LENGTH_MM = 700;

export interface ChosenPhoto {
  /** Address of the photo chosen and not yet sent. */
  readonly url: string | undefined;
  /** Its colours and pattern. */
  readonly palette: Palette | undefined;
  readonly reading: boolean;
  /** Looks at a file of a piece so long, mm, where that is known; resolves with its palette, or undefined once it was said why it cannot be read. */
  readonly choose: (file: File | null, lengthMm: number | undefined) => Promise<Palette | undefined>;
  /** Sends what was chosen, if anything; resolves with the id of the photo. */
  readonly send: (of: 'garment' | 'owned', id: string) => Promise<string | undefined>;
  readonly forget: () => void;
}

/** A photo of a piece: chosen, its palette read in a worker, sent once the piece has an id. */
export function usePhoto(): ChosenPhoto {
  const [photo, setPhoto] = useState<{ file: File; url: string; palette: Palette }>();
  const [reading, setReading] = useState(false);
  const choose: ChosenPhoto['choose'] = async (file, lengthMm = USUAL_LENGTH_MM) => {
    if (!file) return undefined;
    const fault = photoFault(file);
    if (fault) {
      showProblem(new Error(fault), fault);
      return undefined;
    }
    setReading(true);
    try {
      const palette = await readPalette(file, lengthMm);
      setPhoto({ file, url: URL.createObjectURL(file), palette });
      return palette;
    } catch {
      showProblem(undefined, `${file.name} cannot be read as a photo. JPEG, PNG and WebP can.`);
      return undefined;
    } finally {
      setReading(false);
    }
  };
  const send = async (of: 'garment' | 'owned', id: string): Promise<string | undefined> =>
    photo && (await call('save-photo', { of, id, dataBase64: await base64Of(photo.file) })).photoId;
  return {
    url: photo?.url,
    palette: photo?.palette,
    reading,
    choose,
    send,
    forget: () => setPhoto(undefined),
  };
}
