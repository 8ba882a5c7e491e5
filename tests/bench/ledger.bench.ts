import { performance } from 'node:perf_hooks';
import { LEDGER_BY } from '@core/ledger';
import { connect } from '@data/db';
import { sql } from 'drizzle-orm';
import { manyDecisions } from '../support/many-decisions';
import { callerOf } from '../support/server';
import type { Figure } from './figure';

const DECISIONS = 20_000;
const TIMES = 5;
const A_SECOND = 1000;

/** The Ledger of a year of 20,000 decisions, beside that of the demo's. */
async function run(): Promise<Figure[]> {
  const origin = process.env.IVORY_RAIL ?? '';
  const owner = await callerOf(origin, 'owner');
  const { db, close } = connect(process.env.DATABASE_URL ?? '', 2);
  const keeper = connect(process.env.MIGRATE_URL ?? '', 1);
  const opened = async (): Promise<number> => {
    const answer = await fetch(`${origin}/ledger`, { headers: { cookie: owner.cookie } });
    if (!answer.ok) throw new Error(`/ledger answered ${answer.status}`);
    return (await answer.text()).length;
  };
  const asked =
    (name: 'ledger' | 'ledger-rules' | 'ledger-buyer' | 'ledger-sizes', input: object) => async () => {
      const { status } = await owner.call(name, input as never);
      if (status !== 200) throw new Error(`${name} answered ${status}`);
    };
  const of = async (what: () => Promise<unknown>): Promise<number> => {
    await what();
    const times: number[] = [];
    for (let i = 0; i < TIMES; i++) {
      const begun = performance.now();
      await what();
      times.push(performance.now() - begun);
    }
    return times.sort((a, b) => a - b)[Math.floor(TIMES / 2)] ?? 0;
  };
  const parts = {
    'the page': opened,
    ...Object.fromEntries(LEDGER_BY.map((by) => [`by ${by}`, asked('ledger', { by })])),
    'for the buyer': asked('ledger-buyer', {}),
    'sizes of labels': asked('ledger-sizes', {}),
    'rules on trial': asked('ledger-rules', {}),
  };
  try {
    const few: Record<string, number> = {};
    for (const [name, what] of Object.entries(parts)) few[name] = await of(what);
    await manyDecisions(db, DECISIONS);
    // As the database does by itself within a minute.
    await keeper.db.execute(sql`analyze box, box_line, look`);
    const figures: Figure[] = [];
    for (const [name, what] of Object.entries(parts)) {
      const ms = await of(what);
      figures.push({
        name: `Ledger of ${DECISIONS} decisions, ${name}`,
        value: Math.round(ms),
        unit: 'ms',
        ratio: ms / (few[name] ?? ms),
        reach: 'under a second; the ratio is to the demo’s own year',
        ok: ms < A_SECOND,
      });
    }
    return figures;
  } finally {
    await close();
    await keeper.close();
  }
}

export const ledger = { name: 'ledger', run };
