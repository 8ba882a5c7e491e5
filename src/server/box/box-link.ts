import { piecesOf } from '@contracts/look-pieces';
import type { BoxView, LineView } from '@contracts/box/box-view';
import { faultsOf } from '@contracts/faults';
import { type BoxLinkView, boxLinkCall, makeBoxLinkCall, revokeBoxLinkCall } from '@contracts/tally/box-link';
import {
  type HerExchange,
  myAnswerSchema,
  type MyBoxView,
  type MyPiece,
  type Picture,
} from '@contracts/tally/my-box';
import { unkeepable } from '@contracts/text';
import { hasLeft, isClosed, mayTally } from '@core/box';
import { bodyOf } from '@core/figure';
import { isOneSize } from '@core/fit';
import { sizeWords } from '@core/stock';
import { lookPicture } from '@core/letter';
import { type Drawing, flatOf, svgOf } from '@core/sketch';
import type { Database, Reader, Writer } from '@data/db';
import {
  addBoxLink,
  boxLinkOf,
  boxLinkOfToken,
  type BoxLinkRow,
  markBoxLink,
  stopBoxLinks,
} from '@data/box/links';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { type LineRecord, linesOf } from '@data/box/lines';
import { dropLinks } from '@data/outbox/letters';
import { note } from '../audit';
import { addressOf } from '../client/consents';
import { clientOf } from '../client/profile';
import { type Context, theApp } from '../context';
import { post } from '../outbox/outbox';
import { counted, isToken, LINK_GONE } from '../private-links';
import { newToken, tokenHash } from '../private-token';
import { conflict, invalid, Refusal } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { boxView } from './box-view';
import { datesIcs } from './dates-ics';
import { exchange, sistersOf } from './exchange';
import { boxOf, lineOf } from './lines';
import { termsOf, totalOf } from './money';
import { decide, keepRest } from './tally';

/** A page lasts as long as anything of a box is likely to be asked. */
const LINK_DAYS = 45;
const DAY_MS = 86_400_000;

/** Makes the private page of a box; the link before it stops working. The token is answered once and never kept. */
export const makeBoxLink = serve(makeBoxLinkCall, {
  async run(context, { boxId }) {
    const { tx, actor, now } = context;
    // Locked, so that of links made at the same moment the last one is open.
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!row.letter) throw conflict('Write the letter first: it is what this page shows.');
    const { row: person } = await clientOf(tx, actor.shopId, row.clientId);
    await dropLinks(tx, 'boxLinkId', await stopBoxLinks(tx, boxId, now));
    const { id, path, expiresAt } = await newBoxLink(tx, boxId, now);
    const { name: shopName } = await shopOf(tx, actor.shopId);
    const toAddress = await addressOf(tx, person);
    if (toAddress)
      await post(
        tx,
        {
          shopId: actor.shopId,
          kind: 'box page',
          toName: person.name,
          toAddress,
          subject: `Your box from ${shopName}`,
          body: `Dear ${person.name.split(' ')[0]}, your letter is here to read, and here you say what you keep. You can come back to it as often as you like:`,
          path,
          expiresAt,
          boxLinkId: id,
        },
        now,
      );
    await note(context, 'make box link', 'box', boxId);
    return { ...(await viewOf(context, boxId)), path, posted: toAddress !== undefined };
  },
});

/** One more link to the private page of a box; its token is known here and never again. */
export async function newBoxLink(
  tx: Writer,
  boxId: string,
  now: Date,
): Promise<{ readonly id: string; readonly path: string; readonly expiresAt: Date }> {
  const token = newToken();
  const expiresAt = new Date(now.getTime() + LINK_DAYS * DAY_MS);
  const id = await addBoxLink(tx, { boxId, tokenHash: tokenHash(token), expiresAt, createdAt: now });
  return { id, path: `/my-box/${token}`, expiresAt };
}

export const revokeBoxLink = serve(revokeBoxLinkCall, {
  async run(context, { boxId }) {
    const { tx, actor, now } = context;
    await boxOf(tx, actor.shopId, boxId, true);
    await dropLinks(tx, 'boxLinkId', await stopBoxLinks(tx, boxId, now));
    await note(context, 'revoke box link', 'box', boxId);
    return viewOf(context, boxId);
  },
});

export const boxLink = serve(boxLinkCall, {
  async run(context, { boxId }) {
    await boxOf(context.tx, context.actor.shopId, boxId);
    return viewOf(context, boxId);
  },
});

async function viewOf({ tx, actor, now }: Context, boxId: string): Promise<BoxLinkView> {
  const row = await boxLinkOf(tx, boxId);
  if (!row) return {};
  const { zone } = await shopOf(tx, actor.shopId);
  return {
    link: {
      state: row.revokedAt ? 'revoked' : row.expiresAt <= now ? 'expired' : 'open',
      expiresOn: dayIn(zone, row.expiresAt),
      openedOn: row.openedAt ? dayIn(zone, row.openedAt) : undefined,
      answeredOn: row.answeredAt ? dayIn(zone, row.answeredAt) : undefined,
    },
  };
}

interface Opened {
  readonly link: BoxLinkRow;
  readonly shopId: string;
}

/** The box a token opens; throws in words that say nothing of whether it ever existed. */
async function opened(db: Reader, token: string, now: Date): Promise<Opened> {
  const found = isToken(token) ? await boxLinkOfToken(db, tokenHash(token)) : undefined;
  if (!found || found.link.revokedAt || found.link.expiresAt <= now || found.state === 'cancelled')
    throw new Refusal(404, LINK_GONE);
  return found;
}

/** What a client sees of her box behind her link. */
export async function myBoxView(db: Database, token: string, address: string, now: Date): Promise<MyBoxView> {
  const { link, shopId } = await counted(address, () => opened(db, token, now));
  if (!link.openedAt) await markBoxLink(db, link.id, { openedAt: now });
  return mine(db, link, shopId, now);
}

/** Stores what she says of her box, and answers how it stands then. */
export async function answerMyBox(
  db: Database,
  token: string,
  raw: unknown,
  address: string,
  now: Date,
): Promise<MyBoxView> {
  await counted(address, () => opened(db, token, now));
  const odd = unkeepable(raw);
  if (odd.length > 0) throw invalid(odd);
  const read = myAnswerSchema.safeParse(raw);
  if (!read.success) throw invalid(faultsOf(read.error));
  const said = read.data;
  return db.transaction(async (tx) => {
    const { link, shopId } = await opened(tx, token, now);
    const context: Context = { tx, actor: theApp(shopId), now };
    const { boxId } = link;
    const row = await boxOf(tx, shopId, boxId, true);
    if (!mayTally(row.state))
      throw conflict(
        isClosed(row.state)
          ? 'This box is settled. Write to the shop if something has changed.'
          : 'Your box has not left the shop yet.',
      );
    if ('exchangeFor' in said) await exchangeForHer(context, row, said);
    else if ('lineId' in said) {
      const { words, ...rest } = said;
      await decide(context, { ...rest, boxId, note: words, by: 'client' });
    } else if ('keepAll' in said) await keepRest(context, boxId, 'client');
    if ('done' in said) await markBoxLink(tx, link.id, { answeredAt: now });
    // Whoever goes on deciding is not done.
    else if (link.answeredAt) await markBoxLink(tx, link.id, { answeredAt: null });
    return mine(tx, { ...link, answeredAt: 'done' in said ? now : null }, shopId, now);
  });
}

/** The days of her box for her calendar. @throws Refusal as her page does */
export async function myBoxDates(db: Database, token: string, address: string, now: Date): Promise<string> {
  const { link, shopId } = await counted(address, () => opened(db, token, now));
  const { zone } = await shopOf(db, shopId);
  return datesIcs(await boxView(db, theApp(shopId), link.boxId, now), zone, now);
}

/** Every field is listed: nothing of the shop's own, no measure, no note of hers that is not for her. */
async function mine(db: Reader, link: BoxLinkRow, shopId: string, now: Date): Promise<MyBoxView> {
  const view = await boxView(db, theApp(shopId), link.boxId, now);
  const shop = await shopOf(db, shopId);
  const row = await boxOf(db, shopId, link.boxId);
  const terms = await termsOf(db, row, shop, dayIn(shop.zone, now));
  const lines = await linesOf(db, link.boxId);
  const kept = totalOf(lines, terms, shop);
  const all = totalOf(
    lines.map((record) =>
      record.line.decision === 'lost'
        ? record
        : { ...record, line: { ...record.line, decision: 'keep' as const } },
    ),
    terms,
    shop,
  );
  const pieces: MyPiece[] = [];
  for (const [i, line] of inLetterOrder(view).entries())
    pieces.push(
      myPiece(view, line, {
        pictureId: `p${i}`,
        others: mayExchange(view, line) ? await othersOf(db, shopId, lines, line) : [],
      }),
    );
  return {
    shopName: view.shop.name,
    tongue: view.shop.tongue,
    firstName: view.client.name.split(' ')[0] ?? '',
    number: view.number,
    stage: isClosed(view.state) ? 'closed' : hasLeft(view.state) ? 'deciding' : 'coming',
    decideBy: view.decideBy,
    returnBy: view.returnBy,
    returnPolicy: shop.returnPolicy,
    silentKeepFrom: view.late.silentKeepFrom,
    currency: view.shop.currency,
    greeting: view.letter?.greeting ?? '',
    closing: view.letter?.closing ?? '',
    pieces,
    looks: looksOf(view),
    journey: {
      packing: view.letter?.journey?.packing.filter((line) => line.trim() !== '') ?? [],
      days: view.letter?.journey?.days.flatMap(({ line }) => (line === '' ? [] : [line])) ?? [],
    },
    money: {
      steps: kept.steps,
      dueMinor: kept.dueMinor,
      allDueMinor: all.dueMinor,
      feeMinor: view.styleFeeMinor,
    },
    answered: link.answeredAt !== null,
  };
}

/** Pieces as her letter tells of them; what it does not speak of stands last. */
function inLetterOrder({ lines, letter }: BoxView): readonly LineView[] {
  const at = ({ piece }: LineView): number => {
    const place = letter?.pieces.findIndex(({ ref }) => ref === piece.id) ?? -1;
    return place < 0 ? lines.length : place;
  };
  return [...lines].sort((a, b) => at(a) - at(b));
}

const picture = (drawing: Drawing, says: string, id: string): Picture => ({
  svg: svgOf(drawing, says, id),
  says,
});

/** A piece she may ask another size or colour for: with her, and nothing of it is on its way. */
const mayExchange = (view: BoxView, line: LineView): boolean =>
  mayTally(view.state) &&
  line.sent &&
  line.mayReturn &&
  line.decision !== 'exchange' &&
  !line.checkedIn &&
  !line.lost;

/** What is on the shelf of the style of a piece, said as she would say it. */
async function othersOf(
  db: Reader,
  shopId: string,
  lines: readonly LineRecord[],
  { id }: LineView,
): Promise<MyPiece['others']> {
  const record = lines.find(({ line }) => line.id === id);
  if (!record) return [];
  return (await sistersOf(db, shopId, record.line))
    .filter(({ there }) => there > 0)
    .map(({ variant, garment, isSameColour, priceMinor }) => ({
      variantId: variant.id,
      words: isSameColour ? `size ${sizeWords(variant)}` : `${garment.title}, ${sizeWords(variant)}`,
      priceMinor,
    }));
}

/** Her exchange, in words that say nothing of other clients. */
async function exchangeForHer(
  context: Context,
  row: BoxRecord,
  { lineId, was, exchangeFor, reason, fitPoint, words }: HerExchange,
): Promise<void> {
  const line = await lineOf(context.tx, row.id, lineId);
  if (line.decision !== was)
    throw conflict('The shop noted something else of this piece meanwhile; it is shown now.');
  try {
    await exchange(context, row, {
      boxId: row.id,
      lineId,
      variantId: exchangeFor,
      reason,
      fitPoint,
      note: words,
      by: 'client',
    });
  } catch (error) {
    // Who has the last one, and why another is ruled out, is the shop's to know.
    if (error instanceof Refusal && error.status === 409)
      throw conflict('That one cannot be sent just now. Please choose another, or write to the shop.');
    throw error;
  }
  await changeBox(context.tx, row.id, { state: 'tallying' });
}

interface Shown {
  readonly pictureId: string;
  readonly others: MyPiece['others'];
}

function myPiece(view: BoxView, line: LineView, { pictureId, others }: Shown): MyPiece {
  const said = view.letter?.pieces.find(({ ref }) => ref === line.piece.id);
  return {
    lineId: line.id,
    title: line.piece.title,
    size: isOneSize(line.size) ? '' : line.size,
    priceMinor: line.netMinor ?? line.priceMinor,
    picture: picture(flatOf(line.piece, bodyOf(view.client.profile.measures)), line.piece.title, pictureId),
    why: said?.why ?? '',
    fit: said?.fit ?? '',
    wear: said?.wear ?? [],
    beneath: said?.beneath ?? [],
    facts: said?.facts ?? '',
    care: said?.care ?? '',
    decision: line.decision,
    reason: line.reason,
    fitPoint: line.fitPoint,
    // What the shop noted for itself is not hers to read.
    words: line.decidedBy === 'client' ? line.note : '',
    decidedBy: line.decidedBy,
    mayReturn: line.mayReturn,
    others,
    insteadOf: line.exchangeOf ? insteadOf(view, line) : undefined,
    sent: line.sent || !hasLeft(view.state),
    isBack: line.checkedIn || line.credit !== undefined,
  };
}

function insteadOf(view: BoxView, line: LineView): string {
  const before = view.lines.find(({ id }) => id === line.exchangeOf);
  return before && before.piece.title !== line.piece.title
    ? before.piece.title
    : `size ${before?.size ?? ''}`;
}

function looksOf(view: BoxView): MyBoxView['looks'] {
  const { looks = [], style } = view.letter ?? {};
  return looks.flatMap(({ id, line, instead = '', hidden }, i) => {
    const look = view.looks.find((each) => each.id === id);
    if (!look || hidden) return [];
    const pieces = piecesOf(view, look.pieces);
    const title = look.title || 'A look';
    const names = pieces.map((piece) => piece.title);
    const drawing = lookPicture(pieces, view.client.profile, style?.pictures);
    return [
      {
        title,
        line,
        instead,
        pieces: names,
        picture: picture(drawing, `${title}: ${names.join(', ')}`, `l${i}`),
      },
    ];
  });
}
