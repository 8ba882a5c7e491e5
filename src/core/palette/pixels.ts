/** A picture as RGBA bytes, row after row. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray | Uint8Array;
}

/** The same picture in CIELAB (D65), three numbers a pixel; and which pixels are there at all. */
export interface LabPicture {
  readonly width: number;
  readonly height: number;
  readonly lab: Float32Array;
}

const LINEAR = Float64Array.from({ length: 256 }, (_, byte) => {
  const v = byte / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
});
const EPSILON = 216 / 24389;
const root = (t: number): number => (t > EPSILON ? Math.cbrt(t) : (24389 / 27 / 116) * t + 16 / 116);

/**
 * CIELAB (D65, 2°) of an sRGB pixel, bytes 0..255. Matrix and transfer of IEC 61966-2-1; the white point is
 * that of the matrix itself, so a grey has no chroma.
 */
export function labOfBytes(r: number, g: number, b: number): readonly [number, number, number] {
  const [lr, lg, lb] = [LINEAR[r] as number, LINEAR[g] as number, LINEAR[b] as number];
  const x = root((0.4123907992659593 * lr + 0.357584339383878 * lg + 0.1804807884018343 * lb) / 0.95045593);
  const y = root(0.21263900587151 * lr + 0.715168678767756 * lg + 0.0721923153607337 * lb);
  const z = root((0.0193308187155918 * lr + 0.119194779794626 * lg + 0.9505321522496607 * lb) / 1.08905775);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/**
 * Averages blocks of pixels until the longer side is at most `most`, and turns them into CIELAB. See-through
 * pixels are laid on white, as a browser shows them.
 */
export function labPicture(picture: Picture, most = 240): LabPicture {
  const step = Math.max(1, Math.ceil(Math.max(picture.width, picture.height) / most));
  const width = Math.floor(picture.width / step);
  const height = Math.floor(picture.height / step);
  const lab = new Float32Array(width * height * 3);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let [r, g, b] = [0, 0, 0];
      for (let dy = 0; dy < step; dy++) {
        for (let dx = 0; dx < step; dx++) {
          const at = ((y * step + dy) * picture.width + x * step + dx) * 4;
          const alpha = (picture.data[at + 3] ?? 255) / 255;
          r += (picture.data[at] ?? 0) * alpha + 255 * (1 - alpha);
          g += (picture.data[at + 1] ?? 0) * alpha + 255 * (1 - alpha);
          b += (picture.data[at + 2] ?? 0) * alpha + 255 * (1 - alpha);
        }
      }
      const n = step * step;
      lab.set(labOfBytes(Math.round(r / n), Math.round(g / n), Math.round(b / n)), (y * width + x) * 3);
    }
  }
  return { width, height, lab };
}

/** Squared distance of two pixels in Lab (CIE 1976), which is enough to tell neighbours apart. */
export function apart2(lab: Float32Array, p: number, q: number): number {
  const dl = (lab[p * 3] as number) - (lab[q * 3] as number);
  const da = (lab[p * 3 + 1] as number) - (lab[q * 3 + 1] as number);
  const db = (lab[p * 3 + 2] as number) - (lab[q * 3 + 2] as number);
  return dl * dl + da * da + db * db;
}
