import {
  type GuardFinding,
  guardPiece,
  isRefused,
  guardWords,
  packerWords,
  type Passed,
  unanswered,
} from '@core/guard';
import type { Profile } from '@core/client';
import type { Reader } from '@data/db';
import { grouped } from '@core/grouped';
import { pieceOfOwned } from '@data/pieces';
import type { BoxRecord } from '@data/box/boxes';
import type { LineRecord } from '@data/box/lines';
import { type LookRow, looksOf } from '@data/box/looks';
import { passesIn } from '@data/box/passes';
import { closetOf, type OwnedRow } from '@data/client/closet';
import type { Fault } from '@contracts/faults';
import { clientOf } from '../client/profile';
import { type Actor, seesPersons } from '../context';
import { pieceOfLine } from './lines';

/** What was answered, by line. */
export type Passes = ReadonlyMap<string, readonly Passed[]>;

/** Limits let pass by name in a box, and questions of content that were answered. */
export async function passesOf(db: Reader, boxId: string): Promise<Passes> {
  return grouped(await passesIn(db, boxId), ({ lineId }) => lineId);
}

interface Ground {
  readonly client: Profile;
  readonly lines: readonly LineRecord[];
  readonly owned: readonly OwnedRow[];
  readonly looks: readonly Pick<LookRow, 'pieces'>[];
  readonly notToSend: string;
}

/** What stands between each line and the client and is not answered yet, by line; lines nothing stands before are left out. */
export function guardOf(
  { client, lines, owned, looks, notToSend }: Ground,
  passes: Passes,
): ReadonlyMap<string, readonly GuardFinding[]> {
  const closet = owned.map(pieceOfOwned);
  const pieces = new Map([...lines.map(pieceOfLine), ...closet].map((piece) => [piece.id, piece] as const));
  const found = new Map<string, readonly GuardFinding[]>();
  for (const record of lines) {
    const piece = pieceOfLine(record);
    const within = looks
      .filter((each) => each.pieces.some(({ ref }) => ref === piece.id))
      .map((each) =>
        each.pieces.flatMap(({ ref, mode }) => {
          const worn = pieces.get(ref);
          return worn ? [mode === undefined ? worn : { ...worn, mode }] : [];
        }),
      );
    const left = unanswered(
      guardPiece(piece, { client, looks: within, closet, notToSend }),
      passes.get(record.line.id) ?? [],
    );
    if (left.length > 0) found.set(record.line.id, left);
  }
  return found;
}

/** The same for a box as it stands in the database now. */
export async function guardOfBox(db: Reader, row: BoxRecord, lines: readonly LineRecord[]) {
  const { profile } = await clientOf(db, row.shopId, row.clientId);
  const owned = await closetOf(db, row.clientId);
  const looks = await looksOf(db, row.id);
  return guardOf(
    { client: profile, lines, owned, looks, notToSend: row.notToSend },
    await passesOf(db, row.id),
  );
}

/**
 * Faults that keep a box from being packed or sent, by line: what is ruled out, and what nobody has answered. Whoever
 * packs reads what is in the piece and nothing of the person.
 */
export async function guardFaults(
  db: Reader,
  actor: Actor,
  row: BoxRecord,
  lines: readonly LineRecord[],
): Promise<Fault[]> {
  const found = await guardOfBox(db, row, lines);
  const personal = seesPersons(actor);
  return lines
    .flatMap(({ line, garment }, i) => {
      const left = found.get(line.id) ?? [];
      const said = personal
        ? left.map((each) => guardWords(each))
        : [packerWords(left)].filter((words) => words !== undefined);
      return said.map((words, k) => ({
        refused: personal ? isRefused(left[k] as GuardFinding) : left.some(isRefused),
        fault: { path: `lines[${i}]`, message: `${garment.title}: ${words}` },
      }));
    })
    .sort((a, b) => Number(b.refused) - Number(a.refused))
    .map(({ fault }) => fault);
}
