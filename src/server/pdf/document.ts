import { createRequire } from 'node:module';
import type { Paper } from '@core/shop';
import PDFDocument from 'pdfkit';

const files = createRequire(import.meta.url);
/** The faces that ship with the app, as static files: PDF takes no variable font. */
export const FONT = {
  serif: files.resolve('@fontsource/newsreader/files/newsreader-latin-500-normal.woff'),
  sans: files.resolve('@fontsource/instrument-sans/files/instrument-sans-latin-400-normal.woff'),
  bold: files.resolve('@fontsource/instrument-sans/files/instrument-sans-latin-600-normal.woff'),
} as const;

/** Sheets in points (ISO 216, ANSI/ASME Y14.1). */
const SHEETS = {
  a4: { width: 595.28, height: 841.89 },
  letter: { width: 612, height: 792 },
} as const satisfies Readonly<Record<Paper, { width: number; height: number }>>;
export const INK = '#24211d';
export const SOFT = '#5a5349';

export type Doc = PDFKit.PDFDocument;

export interface Sheet {
  readonly doc: Doc;
  readonly width: number;
  readonly height: number;
  readonly margin: number;
  /** Width between the margins. */
  readonly wide: number;
  /** Text as one element of the document's structure: a heading, a paragraph. Moves on as `doc.text` does. */
  readonly say: (type: 'H1' | 'H2' | 'P', text: string, at?: SayAt) => void;
  /** Runs of text that make one paragraph. */
  readonly paragraph: (write: (run: (text: string, at?: SayAt) => void) => void) => void;
  /** A drawing, and what is in it for whoever does not see it. */
  readonly figure: (alt: string, paint: () => void) => void;
  /** Lines and grounds: nothing that is read. */
  readonly decor: (paint: () => void) => void;
  /** The bytes, once all is written. */
  readonly finish: () => Promise<Buffer>;
}

export interface SayAt extends PDFKit.Mixins.TextOptions {
  readonly x?: number;
  readonly y?: number;
}

interface Given {
  readonly title: string;
  readonly author: string;
  readonly margin: number;
  readonly paper: Paper;
  readonly lang?: string;
}

/** A new document on a shop's paper, tagged (ISO 32000-1, 14.8): what is read has its order and its kind. */
export function openPdf({ title, author, margin, paper, lang = 'en' }: Given): Sheet {
  const { width, height } = SHEETS[paper];
  const doc = new PDFDocument({
    size: [width, height],
    margin,
    font: FONT.sans,
    lang,
    tagged: true,
    displayTitle: true,
    pdfVersion: '1.7',
    info: { Title: title, Author: author },
  });
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  const root = doc.struct('Document', { title });
  doc.addStructure(root);
  const write = (text: string, { x, y, ...how }: SayAt): void =>
    void (x === undefined ? doc.text(text, how) : doc.text(text, x, y ?? doc.y, how));
  return {
    doc,
    width,
    height,
    margin,
    wide: width - 2 * margin,
    say: (type, text, at = {}) => write(text, { ...at, structParent: root, structType: type }),
    paragraph(runs) {
      const own = doc.struct('P');
      root.add(own);
      runs((text, at = {}) => write(text, { ...at, structParent: own, structType: 'Span' }));
      own.end();
    },
    figure(alt, paint) {
      root.add(doc.struct('Figure', { alt }, paint));
    },
    decor(paint) {
      doc.markContent('Artifact', { type: 'Layout' });
      paint();
      doc.endMarkedContent();
    },
    finish() {
      root.end();
      doc.end();
      return done;
    },
  };
}
