import { piecesOf, speakerOf } from '@contracts/look-pieces';
import { isOneSize } from '@core/fit';
import { localeOf } from '@core/words';
import type { Actor } from '../context';
import { FONT, INK, openPdf, SOFT } from '../pdf/document';
import { boxPage } from './page';

const MARGIN = 56;

/** What hangs in the fitting room, by number, and which numbers make each look: for whoever dresses a client in the shop. */
export async function fittingListPdf(
  actor: Actor,
  boxId: string,
): Promise<{ readonly fileName: string; readonly pdf: Buffer }> {
  const view = await boxPage(actor, boxId);
  const { name, paper, tongue } = view.shop;
  const { client } = speakerOf(view);
  const sheet = openPdf({
    title: `Fitting room, box ${view.number}`,
    author: name,
    margin: MARGIN,
    paper,
    lang: localeOf(tongue),
  });
  const { doc, say, wide } = sheet;
  const at = { x: MARGIN, width: wide };
  const numbers = new Map(view.lines.map(({ piece }, i) => [piece.id, i + 1]));
  doc.font(FONT.serif).fontSize(20).fillColor(INK);
  say('H1', `Fitting room: ${view.client.name}`, at);
  doc.font(FONT.sans).fontSize(10).fillColor(SOFT);
  say(
    'P',
    [`Box ${view.number}`, view.packing.appointment?.replace('T', ', ')].filter(Boolean).join(', '),
    at,
  );
  doc.moveDown(1).fillColor(INK);
  doc.font(FONT.sans).fontSize(13);
  for (const { piece, size, location } of view.lines)
    say(
      'P',
      `${numbers.get(piece.id) ?? ''}   ${piece.title}${isOneSize(size) ? '' : `, ${size}`}   (${location.toLowerCase()})`,
      at,
    );
  for (const look of view.looks) {
    doc.moveDown(0.8).font(FONT.serif).fontSize(13);
    say('H2', look.title || 'A look', at);
    doc.font(FONT.sans).fontSize(11);
    const worn = piecesOf(view, look.pieces);
    const ours = worn.flatMap(({ id }) => numbers.get(id) ?? []).sort((a, b) => a - b);
    const own = worn.filter(({ owned }) => owned).map(({ title }) => title);
    say(
      'P',
      [ours.join(' + '), own.length > 0 ? `with ${client.whose} own: ${own.join(', ')}` : '']
        .filter(Boolean)
        .join('; '),
      at,
    );
  }
  return { fileName: `fitting-room-${view.number}.pdf`, pdf: await sheet.finish() };
}
