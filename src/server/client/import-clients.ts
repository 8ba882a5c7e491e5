import { clientKey, readClientCsv } from '@contracts/client-csv';
import { importClientsCall } from '@contracts/client/import-clients';
import { clientsOf } from '@data/client/clients';
import { note } from '../audit';
import { mustBeWhole } from '../import-file';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { addClient } from './save-client';

export const importClients = serve(importClientsCall, {
  async run(context, { csv, take }) {
    const { tx, actor } = context;
    // One file after the other: brought in by two at once, it is brought in once.
    const shop = await shopOf(tx, actor.shopId, take !== 'check');
    const { rows, faults } = readClientCsv(csv, shop);
    const there = await clientsOf(tx, actor.shopId);
    const keys = new Set(there.map(clientKey));
    const fresh = rows.filter(({ input }) => !keys.has(clientKey(input)));
    const seen = {
      good: fresh.map(({ row, input }) => ({
        row,
        name: input.name,
        email: input.email ?? '',
        measures: Object.keys(input.measures).length,
      })),
      known: rows.length - fresh.length,
      faults,
    };
    if (take === 'check') return { ...seen, taken: 0 };
    mustBeWhole(take, faults);
    for (const { input } of fresh) await addClient(context, input);
    await note(context, 'import', 'client', actor.shopId, { taken: fresh.length, faulty: faults.length });
    return { ...seen, taken: fresh.length };
  },
});
