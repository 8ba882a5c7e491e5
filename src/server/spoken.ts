import { AsyncLocalStorage } from 'node:async_hooks';
import type { Tongue } from '@core/words';

const spoken = new AsyncLocalStorage<{ tongue: Tongue | undefined }>();

/** Islands drawn on the server ask here how the shop speaks; they run in the browser too, and import nothing of the server. */
Object.assign(globalThis, { ivoryTongue: () => spoken.getStore()?.tongue });

/** Draws a page as this shop speaks: its days and lengths are the same before the page is alive and after. */
export const speaking = <T>(tongue: Tongue | undefined, draw: () => T): T => spoken.run({ tongue }, draw);

/** The same for a page that learns on its way whose it is: a client behind her private link. */
export function speakAs(tongue: Tongue): void {
  const said = spoken.getStore();
  if (said) said.tongue = tongue;
}
