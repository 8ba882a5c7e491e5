import { isSister } from '../closet';
import type { SizeChoice } from '../fit';
import { type DecidedPiece, saysSize } from '../learn';
import type { Piece } from '../piece';
import { isSameWord } from '../words';
import { AVOIDED, nearestTo } from './ask';
import type { Said } from './reasons';

type Weighed = Said & { readonly part: number };

const hexesOf = ({ colours }: Piece): string[] =>
  colours.filter(({ share }) => share >= 0.15).map(({ hex }) => hex);
const clothOf = ({ fabric }: Piece): string => `${fabric.texture} ${fabric.fibres[0]?.name ?? ''}`;

/** By the reason something came back for: what shares that with it. */
const SHARES: Readonly<Record<string, (piece: Piece, back: DecidedPiece) => boolean>> = {
  colour: (piece, back) => nearestTo(piece, hexesOf(back.piece)) < AVOIDED,
  cloth: (piece, back) => piece.category === back.piece.category && clothOf(piece) === clothOf(back.piece),
  'too dear': ({ category, priceMinor = 0 }, back) =>
    category === back.piece.category && priceMinor >= back.priceMinor,
  'not my style': (piece, back) =>
    piece.category === back.piece.category &&
    piece.volume === back.piece.volume &&
    piece.pattern.kind === back.piece.pattern.kind,
  'already own one': (piece, back) =>
    piece.category === back.piece.category && nearestTo(piece, hexesOf(back.piece)) < AVOIDED,
};

/** What the pieces a client decided about say of a candidate, the newest first. Working values of the trade, no source. */
export function historyOf(
  piece: Piece,
  { size }: Pick<SizeChoice, 'size'>,
  past: readonly DecidedPiece[],
  { label = '' }: { readonly label?: string | undefined },
): Weighed[] {
  if (past.length === 0) return [];
  return [...ofStyle(piece, size, past), ...ofReason(piece, past), ...ofLabel(piece, past, label)];
}

/** The very style: what came back is never offered again as if it had not been; another size may be worth it. */
function ofStyle(piece: Piece, size: string, past: readonly DecidedPiece[]): Weighed[] {
  const last = past.find(({ piece: own }) => own.styleId !== undefined && own.styleId === piece.styleId);
  if (last?.decision !== 'return') return [];
  const { reason } = last;
  if (reason && saysSize(reason) && last.size !== size)
    return [{ part: -0.5, code: 'came-back-sized', params: { reason, size: last.size } }];
  // Another colour of what came back for its colour is another matter.
  const isOther = reason === 'colour' && nearestTo(piece, hexesOf(last.piece)) >= AVOIDED;
  return [{ part: isOther ? -0.2 : -3, code: 'came-back', params: { title: last.piece.title, reason } }];
}

/** What shares the reason another piece came back for, unless one that shares it was kept since. */
function ofReason(piece: Piece, past: readonly DecidedPiece[]): Weighed[] {
  for (const [i, back] of past.entries()) {
    const shares = SHARES[back.reason ?? ''];
    if (back.decision !== 'return' || !shares?.(piece, back)) continue;
    if (back.piece.styleId !== undefined && back.piece.styleId === piece.styleId) continue;
    const isSettled = past.slice(0, i).some((kept) => kept.decision === 'keep' && shares(kept.piece, back));
    if (!isSettled)
      return [
        { part: -0.8, code: 'shares-reason', params: { title: back.piece.title, reason: back.reason ?? '' } },
      ];
  }
  const kept = past.find((each) => each.decision === 'keep' && isSister(piece, each.piece));
  return kept ? [{ part: 0.5, code: 'sister-of-kept', params: { title: kept.piece.title } }] : [];
}

/** What was kept and sent back of its label and of its kind. */
function ofLabel(piece: Piece, past: readonly DecidedPiece[], label: string): Weighed[] {
  const alike = past.filter((line) => line.piece.category === piece.category);
  const own = alike.filter((line) => label !== '' && isSameWord(line.label ?? '', label));
  const kept = own.find(({ decision }) => decision === 'keep');
  const back = own.find(({ decision }) => decision === 'return');
  if (kept && !back) return [{ part: 0.8, code: 'kept-label' }];
  if (back && !kept) return [{ part: -0.8, code: 'sent-label-back', params: { reason: back.reason } }];
  const keeps = alike.filter(({ decision }) => decision === 'keep').length;
  return alike.length >= 2 && keeps === alike.length
    ? [{ part: 0.4, code: 'keeps-kind', params: { count: alike.length } }]
    : [];
}
