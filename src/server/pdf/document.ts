import { createRequire } from 'node:module';
import PDFDocument from 'pdfkit';

const files = createRequire(import.meta.url);
/** The faces that ship with the app, as static files: PDF takes no variable font. */
export const FONT = {
  serif: files.resolve('@fontsource/newsreader/files/newsreader-latin-500-normal.woff'),
  sans: files.resolve('@fontsource/instrument-sans/files/instrument-sans-latin-400-normal.woff'),
  bold: files.resolve('@fontsource/instrument-sans/files/instrument-sans-latin-600-normal.woff'),
} as const;

/** A4 in points. */
export const A4 = { width: 595.28, height: 841.89 } as const;
export const INK = '#24211d';
export const SOFT = '#5a5349';

/** A new A4 document, and its bytes once `end` was called. */
export function openPdf(given: {
  readonly title: string;
  readonly author: string;
  readonly margin: number;
}): {
  readonly doc: PDFKit.PDFDocument;
  readonly done: Promise<Buffer>;
} {
  const doc = new PDFDocument({
    size: 'A4',
    margin: given.margin,
    font: FONT.sans,
    lang: 'en',
    info: { Title: given.title, Author: given.author },
  });
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  return { doc, done };
}
