import { answerProposalCall, clientProposalsCall, type TaughtView } from '@contracts/client/proposals';
import { applied, evidenceWords, type Proposal, proposalsFrom, proposalWords } from '@core/learn';
import { pastLines } from '@data/box/decisions';
import { changeClient, type ClientRecord } from '@data/client/clients';
import { answeredProposals, putProposalAnswer } from '@data/client/proposals';
import type { Reader } from '@data/db';
import { note } from '../audit';
import { conflict } from '../problem';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { clientOf } from './profile';

/** Pieces shown beside a proposal at most. */
const EVIDENCE_SHOWN = 6;

/** Proposals that nobody has answered, or that more speaks for than when they were refused. */
async function openProposals(db: Reader, { row, profile }: ClientRecord): Promise<Proposal[]> {
  const found = proposalsFrom(await pastLines(db, row.id, true), {
    profile,
    pieceBudgetMinor: row.pieceBudgetMinor,
  });
  const said = new Map((await answeredProposals(db, row.id)).map((each) => [each.key, each]));
  return found.filter(({ key, evidence }) => {
    const before = said.get(key);
    return !before || (before.answer !== 'muted' && evidence.length > before.evidence);
  });
}

async function viewsOf(db: Reader, shopId: string, clientId: string): Promise<TaughtView[]> {
  const { currency, english } = await shopOf(db, shopId);
  return (await openProposals(db, await clientOf(db, shopId, clientId))).map((proposal) => ({
    key: proposal.key,
    words: proposalWords(proposal, currency, { english }),
    hex: 'hex' in proposal.change ? proposal.change.hex : undefined,
    evidence: proposal.evidence.slice(0, EVIDENCE_SHOWN).map(evidenceWords),
  }));
}

export const clientProposals = serve(clientProposalsCall, {
  run: ({ tx, actor }, { clientId }) => viewsOf(tx, actor.shopId, clientId),
});

/** Takes a proposal over into the client's page, refuses it until more speaks for it, or never asks it again. */
export const answerProposal = serve(answerProposalCall, {
  async run(context, { clientId, key, answer }) {
    const { tx, actor, now } = context;
    // Locked, so that of two who answer the page is changed once.
    const record = await clientOf(tx, actor.shopId, clientId, true);
    const proposal = (await openProposals(tx, record)).find((each) => each.key === key);
    if (!proposal) throw conflict('This was answered already, or the page says so by now.');
    if (answer === 'accepted') {
      const { profile, pieceBudgetMinor } = applied(
        { profile: record.row.profile, pieceBudgetMinor: record.row.pieceBudgetMinor },
        proposal.change,
      );
      await changeClient(tx, clientId, { profile, pieceBudgetMinor, notes: notesWith(record, proposal) });
    }
    await putProposalAnswer(tx, {
      clientId,
      key,
      answer,
      evidence: proposal.evidence.length,
      actorId: actor.id,
      at: now,
    });
    await note(context, `proposal ${answer}`, 'client', clientId, { kind: proposal.change.kind });
    return viewsOf(tx, actor.shopId, clientId);
  },
});

const NOTES_MOST = 20_000;

/** A measure is taken by a person: until then a note on the client's page asks for it. */
function notesWith({ row }: ClientRecord, { change }: Proposal): string {
  if (change.kind !== 'measure') return row.notes;
  const line = `Measure the ${change.point} again: ${change.reason} there more than once.`;
  const notes = row.notes ? `${row.notes}\n${line}` : line;
  return notes.length > NOTES_MOST || row.notes.includes(line) ? row.notes : notes;
}
