import { piecesOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { bodyOf } from '@core/figure';
import { type JourneySheet, type LetterDraft, type PieceNote, taughtIn } from '@core/letter';
import { money } from '@core/money';
import { type Piece, wear } from '@core/piece';
import { figureDrawing, flatOf, layersOf, stepsOf } from '@core/sketch';
import { A4, FONT, INK, openPdf, SOFT } from '../pdf/document';
import { paintPdf } from '../pdf/pdf-drawing';

/** A4 in points, with a margin that a folded sheet likes. */
const PAGE = { ...A4, margin: 50 } as const;
const WIDE = PAGE.width - 2 * PAGE.margin;
/** Ground of a figure: light enough to be ink on paper; lists stand on the paper itself. */
const STAGE = '#efede7';
const HAIRLINE = '#d8d2c6';
const USUAL = bodyOf({ heightMm: 1700 });

/** The letter of a box as a PDF, A4: greeting, each piece with its sketch, each look on the client's figure. */
export function letterPdf(view: BoxView, letter: LetterDraft): Promise<Buffer> {
  const { doc, done } = openPdf({
    title: `Letter with box ${view.number}`,
    author: view.shop.name,
    margin: PAGE.margin,
  });
  doc.fillColor(INK).font(FONT.serif).fontSize(22).text(view.shop.name);
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT).text(view.shop.town).moveDown(1.2);
  paragraph(doc, letter.greeting, 11.5);
  const looks = view.looks.map((look) => piecesOf(view, look.pieces));
  for (const note of letter.pieces) pieceRow(doc, view, note, looks);
  looksRow(doc, view, letter);
  if (letter.journey) journeyRows(doc, view, letter.journey);
  doc.moveDown(1);
  paragraph(doc, letter.closing, 11.5);
  doc.end();
  return done;
}

function paragraph(doc: PDFKit.PDFDocument, text: string, size: number): void {
  if (text)
    doc.font(FONT.serif).fontSize(size).fillColor(INK).text(text, PAGE.margin, doc.y, { width: WIDE });
  doc.moveDown(0.8);
}

/** Starts a new page when `height` points do not fit under what is written. */
function room(doc: PDFKit.PDFDocument, height: number): void {
  if (doc.y + height > PAGE.height - PAGE.margin) doc.addPage();
}

const SKETCH = 74;
/** The pieces of each look of the box, as they are worn. */
type Looks = readonly (readonly Piece[])[];

function pieceRow(doc: PDFKit.PDFDocument, view: BoxView, note: PieceNote, looks: Looks): void {
  const line = view.lines.find((each) => each.piece.id === note.ref);
  if (!line) return;
  room(doc, SKETCH + 24);
  const top = doc.y;
  const drawing = flatOf(line.piece, USUAL);
  const scale = (SKETCH - 10) / Math.max(drawing.box.w, drawing.box.h);
  doc.rect(PAGE.margin, top, SKETCH, SKETCH).lineWidth(0.5).stroke(HAIRLINE);
  paintPdf(doc, drawing, {
    x: PAGE.margin + (SKETCH - drawing.box.w * scale) / 2,
    y: top + (SKETCH - drawing.box.h * scale) / 2,
    scale,
  });
  const left = PAGE.margin + SKETCH + 14;
  const width = WIDE - SKETCH - 14;
  const price = money(line.priceMinor, view.shop.currency);
  doc
    .fillColor(INK)
    .font(FONT.serif)
    .fontSize(13)
    .text(`${line.piece.title}, ${line.size}`, left, top, { width });
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT).text(price, { width });
  const rows: readonly (readonly [string, string])[] = [
    ['', note.why],
    ['Fit', note.fit],
    ['Wear it', note.wear.join(' ')],
    ['Beneath', note.beneath.join(' ')],
    ['', note.facts],
    ['Care', note.care],
  ];
  for (const [label, text] of rows) {
    if (!text) continue;
    if (label) doc.font(FONT.bold).fontSize(9).fillColor(INK).text(`${label}. `, { width, continued: true });
    doc.font(FONT.sans).fontSize(9).fillColor(INK).text(text, { width });
  }
  doc.y = Math.max(doc.y, top + SKETCH) + 12;
  doc.x = PAGE.margin;
  stepsRow(doc, view, taughtIn(line.piece.id, looks));
}

const STEP = 84;

/** How a piece is worn in its look, in three small drawings with a line below each. */
function stepsRow(doc: PDFKit.PDFDocument, view: BoxView, piece: Piece | undefined): void {
  if (!piece) return;
  room(doc, STEP + 40);
  const top = doc.y;
  const left = PAGE.margin + SKETCH + 14;
  const width = (WIDE - SKETCH - 14 - 2 * 8) / 3;
  let lowest = top;
  stepsOf(piece, bodyOf(view.client.profile.measures)).forEach(({ says, drawing }, i) => {
    const x = left + i * (width + 8);
    const scale = Math.min((STEP - 8) / drawing.box.h, (width - 8) / drawing.box.w);
    doc.rect(x, top, width, STEP).lineWidth(0.5).stroke(HAIRLINE);
    paintPdf(doc, drawing, {
      x: x + (width - drawing.box.w * scale) / 2,
      y: top + (STEP - drawing.box.h * scale) / 2,
      scale,
    });
    doc
      .fillColor(INK)
      .font(FONT.sans)
      .fontSize(8)
      .text(says, x, top + STEP + 4, { width });
    lowest = Math.max(lowest, doc.y);
  });
  doc.x = PAGE.margin;
  doc.y = lowest + 12;
}

const FIGURE = 230;

function looksRow(doc: PDFKit.PDFDocument, view: BoxView, letter: LetterDraft): void {
  const body = bodyOf(view.client.profile.measures);
  const width = (WIDE - 16) / 2;
  for (let i = 0; i < letter.looks.length; i += 2) {
    room(doc, FIGURE + 60);
    const top = doc.y;
    let lowest = top;
    letter.looks.slice(i, i + 2).forEach((said, column) => {
      const look = view.looks.find(({ id }) => id === said.id);
      if (!look) return;
      const x = PAGE.margin + column * (width + 16);
      const drawing = figureDrawing(
        layersOf(piecesOf(view, look.pieces).map(wear), body),
        body,
        view.client.profile,
      );
      const scale = Math.min((FIGURE - 12) / drawing.box.h, (width - 12) / drawing.box.w);
      doc.rect(x, top, width, FIGURE).fill(STAGE);
      paintPdf(doc, drawing, { x: x + (width - drawing.box.w * scale) / 2, y: top + 6, scale });
      doc
        .fillColor(INK)
        .font(FONT.serif)
        .fontSize(12)
        .text(look.title || 'A look', x, top + FIGURE + 6, { width });
      doc.font(FONT.sans).fontSize(9).text(said.line, { width });
      lowest = Math.max(lowest, doc.y);
    });
    doc.x = PAGE.margin;
    doc.y = lowest + 14;
  }
}

const DAY = 130;
const DAYS_ABREAST = 4;

/** What to pack for a journey, a line each; then each day on the client's figure. */
function journeyRows(doc: PDFKit.PDFDocument, view: BoxView, { packing, days }: JourneySheet): void {
  const body = bodyOf(view.client.profile.measures);
  const listed = packing.filter((line) => line.trim() !== '');
  room(doc, 60 + 12 * Math.min(listed.length, 20));
  doc
    .font(FONT.serif)
    .fontSize(13)
    .fillColor(INK)
    .text('For your journey', PAGE.margin, doc.y, { width: WIDE });
  doc.font(FONT.bold).fontSize(9).text('To pack');
  doc.font(FONT.sans).fontSize(9);
  for (const line of listed) doc.text(line, { width: WIDE });
  doc.moveDown(0.8);
  const told = days.filter(({ line }) => line !== '');
  const width = (WIDE - (DAYS_ABREAST - 1) * 12) / DAYS_ABREAST;
  for (let i = 0; i < told.length; i += DAYS_ABREAST) {
    room(doc, DAY + 60);
    const top = doc.y;
    let lowest = top;
    told.slice(i, i + DAYS_ABREAST).forEach(({ line, pieces }, column) => {
      const x = PAGE.margin + column * (width + 12);
      const drawing = figureDrawing(
        layersOf(piecesOf(view, pieces).map(wear), body),
        body,
        view.client.profile,
      );
      const scale = Math.min((DAY - 8) / drawing.box.h, (width - 8) / drawing.box.w);
      doc.rect(x, top, width, DAY).fill(STAGE);
      paintPdf(doc, drawing, { x: x + (width - drawing.box.w * scale) / 2, y: top + 4, scale });
      doc
        .fillColor(INK)
        .font(FONT.sans)
        .fontSize(8)
        .text(line, x, top + DAY + 4, { width });
      lowest = Math.max(lowest, doc.y);
    });
    doc.x = PAGE.margin;
    doc.y = lowest + 12;
  }
}
