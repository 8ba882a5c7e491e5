import { and, eq, isNotNull, lt } from 'drizzle-orm';
import type { Writer } from './db';
import { idempotency } from './schema';

/** Takes a key; false when somebody had it before. A second sender waits here until the first one is done. */
export async function takeKey(
  tx: Writer,
  values: Pick<typeof idempotency.$inferInsert, 'key' | 'useCase' | 'requestHash' | 'createdAt'>,
): Promise<boolean> {
  const mine = await tx
    .insert(idempotency)
    .values({ ...values, status: 0 })
    .onConflictDoNothing()
    .returning({ key: idempotency.key });
  return mine.length > 0;
}

/** What a key was used for, and the answer while it is kept. */
export async function answerOf(tx: Writer, key: string) {
  const [before] = await tx.select().from(idempotency).where(eq(idempotency.key, key));
  return before;
}

export async function keepAnswer(tx: Writer, key: string, answer: unknown): Promise<void> {
  await tx.update(idempotency).set({ status: 200, answer }).where(eq(idempotency.key, key));
}

/** Blanks answers and forgets keys from before two moments. */
export async function forgetAnswers(
  tx: Writer,
  { answersBefore, keysBefore }: { readonly answersBefore: Date; readonly keysBefore: Date },
): Promise<void> {
  await tx
    .update(idempotency)
    .set({ answer: null })
    .where(and(isNotNull(idempotency.answer), lt(idempotency.createdAt, answersBefore)));
  await tx.delete(idempotency).where(lt(idempotency.createdAt, keysBefore));
}
