import { piecesOf } from '@contracts/look-pieces';
import type { BoxView } from '@contracts/box/box-view';
import { bodyOf } from '@core/figure';
import { isOneSize } from '@core/fit';
import { type JourneySheet, type LetterDraft, lookPicture, type PieceNote, taughtIn } from '@core/letter';
import { money } from '@core/money';
import type { Piece } from '@core/piece';
import { flatOf, stepsOf } from '@core/sketch';
import { localeOf } from '@core/words';
import { type Cell, cells, picture, room } from '../pdf/cells';
import { FONT, INK, openPdf, type Sheet, SOFT } from '../pdf/document';

/** A margin that a folded sheet likes. */
const MARGIN = 50;
const SKETCH = 74;
const STEP = 84;
const FIGURE = 230;
const DAY = 130;

/** The letter of a box as a PDF on the shop's paper: greeting, each piece with its sketch, each look worn or laid flat. */
export function letterPdf(view: BoxView, letter: LetterDraft): Promise<Buffer> {
  const { name, town, paper, tongue } = view.shop;
  const sheet = openPdf({
    title: `Letter with box ${view.number}`,
    author: name,
    margin: MARGIN,
    paper,
    lang: localeOf(tongue),
  });
  const { doc, say } = sheet;
  doc.fillColor(INK).font(FONT.serif).fontSize(22);
  say('H1', name);
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT);
  if (town) say('P', town);
  doc.moveDown(1.2);
  spoken(sheet, letter.greeting);
  const looks = view.looks.map((look) => piecesOf(view, look.pieces));
  for (const note of letter.pieces) pieceRow(sheet, view, note, looks);
  looksRow(sheet, view, letter);
  if (letter.journey) journeyRows(sheet, view, letter);
  doc.moveDown(1);
  spoken(sheet, letter.closing);
  return sheet.finish();
}

function spoken({ doc, say, margin, wide }: Sheet, text: string): void {
  doc.font(FONT.serif).fontSize(11.5).fillColor(INK);
  if (text) say('P', text, { x: margin, width: wide });
  doc.moveDown(0.8);
}

/** The pieces of each look of the box, as they are worn. */
type Looks = readonly (readonly Piece[])[];

function pieceRow(sheet: Sheet, view: BoxView, note: PieceNote, looks: Looks): void {
  const line = view.lines.find((each) => each.piece.id === note.ref);
  if (!line) return;
  const { doc, say, margin } = sheet;
  const left = margin + SKETCH + 14;
  const width = sheet.wide - SKETCH - 14;
  const rows = (
    [
      ['', note.why],
      ['Fit', note.fit],
      ['Wear it', note.wear.join(' ')],
      ['Beneath', note.beneath.join(' ')],
      ['', note.facts],
      ['Care', note.care],
    ] as const
  ).filter(([, text]) => text !== '');
  doc.font(FONT.sans).fontSize(9);
  const tall = rows.reduce((sum, row) => sum + doc.heightOfString(row.join('  '), { width }), 34);
  // A piece is not torn by the end of a page, unless it fills one.
  room(sheet, Math.min(Math.max(tall, SKETCH + 24), sheet.height / 2));
  const top = doc.y;
  const drawing = flatOf(line.piece, bodyOf(view.client.profile.measures));
  picture(sheet, { drawing, alt: line.piece.title }, { x: margin, y: top, w: SKETCH, h: SKETCH }, 'paper');
  doc.fillColor(INK).font(FONT.serif).fontSize(13);
  say('H2', isOneSize(line.size) ? line.piece.title : `${line.piece.title}, ${line.size}`, {
    x: left,
    y: top,
    width,
  });
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT);
  say('P', money(line.priceMinor, view.shop.currency), { width });
  doc.fillColor(INK);
  for (const [label, text] of rows)
    sheet.paragraph((run) => {
      if (label) {
        doc.font(FONT.bold);
        run(`${label}. `, { width, continued: true });
      }
      doc.font(FONT.sans);
      run(text, { width });
    });
  doc.y = Math.max(doc.y, top + SKETCH) + 12;
  doc.x = margin;
  stepsRow(sheet, view, taughtIn(line.piece.id, looks));
}

/** How a piece is worn in its look, in three small drawings with a line below each. */
function stepsRow(sheet: Sheet, view: BoxView, piece: Piece | undefined): void {
  if (!piece) return;
  const shown = stepsOf(piece, bodyOf(view.client.profile.measures)).map(({ says, drawing }): Cell => ({
    drawing,
    alt: `${piece.title}: ${says}`,
    lines: [says],
  }));
  cells(sheet, shown, {
    abreast: 3,
    tall: STEP,
    gap: 8,
    small: 8,
    left: sheet.margin + SKETCH + 14,
    wide: sheet.wide - SKETCH - 14,
    ground: 'paper',
  });
}

function looksRow(sheet: Sheet, view: BoxView, { looks, style }: LetterDraft): void {
  const shown = looks.flatMap(({ id, line, instead = '', hidden }): Cell[] => {
    const look = view.looks.find((each) => each.id === id);
    if (!look || hidden) return [];
    const pieces = piecesOf(view, look.pieces);
    const title = look.title || 'A look';
    return [
      {
        drawing: lookPicture(pieces, view.client.profile, style?.pictures),
        alt: `${title}: ${pieces.map((piece) => piece.title).join(', ')}`,
        title,
        lines: [line, instead].filter(Boolean),
      },
    ];
  });
  cells(sheet, shown, {
    abreast: 2,
    tall: FIGURE,
    gap: 16,
    small: 9,
    ground: style?.pictures === 'flat' ? 'paper' : 'stage',
  });
}

/** What to pack for a journey, a line each; then each day on the client's figure. */
function journeyRows(sheet: Sheet, view: BoxView, { journey, style }: LetterDraft): void {
  const { packing, days }: JourneySheet = journey ?? { packing: [], days: [] };
  const { doc, say, margin, wide } = sheet;
  const listed = packing.filter((line) => line.trim() !== '');
  room(sheet, 60 + 12 * Math.min(listed.length, 20));
  doc.font(FONT.serif).fontSize(13).fillColor(INK);
  say('H2', 'For your journey', { x: margin, width: wide });
  doc.font(FONT.bold).fontSize(9);
  say('P', 'To pack');
  doc.font(FONT.sans).fontSize(9);
  for (const line of listed) say('P', line, { width: wide });
  doc.moveDown(0.8);
  const told = days.flatMap(({ line, pieces }): Cell[] =>
    line === ''
      ? []
      : [
          {
            drawing: lookPicture(piecesOf(view, pieces), view.client.profile, style?.pictures),
            alt: line,
            lines: [line],
          },
        ],
  );
  cells(sheet, told, { abreast: 4, tall: DAY, gap: 12, small: 8, ground: 'stage' });
}
