import type { Exercise, ExerciseKind, Known, Matter, Skill } from '@core/practice';
import { and, count, desc, eq, gte, inArray, isNotNull, isNull, lt, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { practiceSkill, practiceTask, user } from '../schema';

export type TaskRow = typeof practiceTask.$inferSelect;

/** The exercise somebody was given since an instant and has not answered. */
export async function openTask(db: Reader, userId: string, since: Date): Promise<TaskRow | undefined> {
  const [row] = await db
    .select()
    .from(practiceTask)
    .where(
      and(
        eq(practiceTask.userId, userId),
        isNull(practiceTask.answeredAt),
        gte(practiceTask.givenAt, since),
        isNotNull(practiceTask.exercise),
      ),
    )
    .orderBy(desc(practiceTask.givenAt))
    .limit(1);
  return row;
}

/** What somebody was shown last of a skill, as far as it is kept. */
export async function lastShown(
  db: Reader,
  userId: string,
  { kind, matter }: Skill,
): Promise<Exercise | undefined> {
  const [row] = await db
    .select({ exercise: practiceTask.exercise })
    .from(practiceTask)
    .where(and(eq(practiceTask.userId, userId), eq(practiceTask.kind, kind), eq(practiceTask.matter, matter)))
    .orderBy(desc(practiceTask.givenAt))
    .limit(1);
  return row?.exercise ?? undefined;
}

export async function addTask(tx: Writer, values: typeof practiceTask.$inferInsert): Promise<string> {
  const [row] = await tx.insert(practiceTask).values(values).returning({ id: practiceTask.id });
  return (row as { id: string }).id;
}

/** One of somebody's exercises, its row locked for the rest of the transaction. */
export async function lockTask(tx: Writer, userId: string, id: string): Promise<TaskRow | undefined> {
  const [row] = await tx
    .select()
    .from(practiceTask)
    .where(and(eq(practiceTask.id, id), eq(practiceTask.userId, userId)))
    .for('update');
  return row;
}

export async function changeTask(
  tx: Writer,
  id: string,
  values: Partial<typeof practiceTask.$inferInsert>,
): Promise<void> {
  await tx.update(practiceTask).set(values).where(eq(practiceTask.id, id));
}

/** Everything somebody was asked before, as it is remembered. */
export async function skillsOf(db: Reader, userId: string): Promise<(Known & { card: unknown })[]> {
  const rows = await db.select().from(practiceSkill).where(eq(practiceSkill.userId, userId));
  return rows.map(({ userId: _user, ...known }) => known);
}

export async function skillOf(
  tx: Writer,
  userId: string,
  { kind, matter }: { readonly kind: ExerciseKind; readonly matter: Matter },
): Promise<typeof practiceSkill.$inferSelect | undefined> {
  const [row] = await tx
    .select()
    .from(practiceSkill)
    .where(
      and(eq(practiceSkill.userId, userId), eq(practiceSkill.kind, kind), eq(practiceSkill.matter, matter)),
    )
    .for('update');
  return row;
}

export async function putSkill(tx: Writer, values: typeof practiceSkill.$inferInsert): Promise<void> {
  const { due, stabilityDays, card } = values;
  await tx
    .insert(practiceSkill)
    .values(values)
    .onConflictDoUpdate({
      target: [practiceSkill.userId, practiceSkill.kind, practiceSkill.matter],
      set: { due, stabilityDays, card },
    });
}

/** How many exercises somebody has answered since an instant. */
export async function answeredSince(db: Reader, userId: string, since: Date): Promise<number> {
  const [row] = await db
    .select({ answered: count() })
    .from(practiceTask)
    .where(and(eq(practiceTask.userId, userId), gte(practiceTask.answeredAt, since)));
  return row?.answered ?? 0;
}

/** Answers of people, newest first. */
export const triesOf = (db: Reader, userIds: readonly string[]) =>
  db
    .select({ userId: practiceTask.userId, matter: practiceTask.matter, right: practiceTask.right })
    .from(practiceTask)
    .where(and(inArray(practiceTask.userId, [...userIds]), isNotNull(practiceTask.answeredAt)))
    .orderBy(desc(practiceTask.answeredAt));

/** Objections of a shop that nobody has read, the oldest first. */
export const objectionsOf = (db: Reader, shopId: string) =>
  db
    .select({
      id: practiceTask.id,
      name: user.name,
      kind: practiceTask.kind,
      exercise: practiceTask.exercise,
      key: practiceTask.key,
      answer: practiceTask.answer,
      objection: practiceTask.objection,
      at: practiceTask.answeredAt,
    })
    .from(practiceTask)
    .innerJoin(user, eq(user.id, practiceTask.userId))
    .where(
      and(eq(practiceTask.shopId, shopId), isNotNull(practiceTask.objection), isNull(practiceTask.readAt)),
    )
    .orderBy(practiceTask.answeredAt)
    .limit(50);

/** Marks an objection of a shop as read; answers whether there was one. */
export async function readObjection(tx: Writer, shopId: string, id: string, now: Date): Promise<boolean> {
  const rows = await tx
    .update(practiceTask)
    .set({ readAt: now })
    .where(
      and(
        eq(practiceTask.id, id),
        eq(practiceTask.shopId, shopId),
        isNotNull(practiceTask.objection),
        isNull(practiceTask.readAt),
      ),
    )
    .returning({ id: practiceTask.id });
  return rows.length > 0;
}

/** Exercises nobody answered go; of answered ones only how they went stays, but for what is still argued about. */
export async function putAwayTasks(tx: Writer, before: Date): Promise<void> {
  await tx.delete(practiceTask).where(and(isNull(practiceTask.answeredAt), lt(practiceTask.givenAt, before)));
  await tx
    .update(practiceTask)
    .set({ exercise: null, key: null, answer: null })
    .where(
      and(
        lt(practiceTask.answeredAt, before),
        isNotNull(practiceTask.exercise),
        sql`(${practiceTask.objection} is null or ${practiceTask.readAt} is not null)`,
      ),
    );
}
