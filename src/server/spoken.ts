import { AsyncLocalStorage } from 'node:async_hooks';
import type { Tongue } from '@core/words';

const spoken = new AsyncLocalStorage<Tongue>();

/** Islands drawn on the server ask here how the shop speaks; they run in the browser too, and import nothing of the server. */
Object.assign(globalThis, { ivoryTongue: () => spoken.getStore() });

/** Draws a page as this shop speaks: its days and lengths are the same before the page is alive and after. */
export const speaking = <T>(tongue: Tongue | undefined, draw: () => T): T =>
  tongue ? spoken.run(tongue, draw) : draw();
