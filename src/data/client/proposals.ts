import { eq } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { clientProposal } from '../schema';

export type ProposalRow = typeof clientProposal.$inferSelect;

/** What was said of proposals for a client's page. */
export const answeredProposals = (db: Reader, clientId: string): Promise<ProposalRow[]> =>
  db.select().from(clientProposal).where(eq(clientProposal.clientId, clientId));

/** What is said of one now, in the place of what was said before. */
export async function putProposalAnswer(
  tx: Writer,
  values: typeof clientProposal.$inferInsert,
): Promise<void> {
  const { answer, evidence, actorId, at } = values;
  await tx
    .insert(clientProposal)
    .values(values)
    .onConflictDoUpdate({
      target: [clientProposal.clientId, clientProposal.key],
      set: { answer, evidence, actorId, at },
    });
}
