import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';

/** How the practice shop beside the real one stands. */
export interface PracticeShopView {
  /** `isPractice`: this is it. `away`: nobody here can open one. */
  readonly state: 'closed' | 'opening' | 'open' | 'dropping' | 'isPractice' | 'away';
  /** Where it is, once it is open. */
  readonly origin?: string | undefined;
  /** Why it could not be opened. */
  readonly fault?: string | undefined;
  /** Who may sign in there; invented, like all of it. */
  readonly people: readonly { readonly role: string; readonly email: string; readonly password: string }[];
}

/** Opens a practice shop beside the real one, drops it with all that is in it, or asks how it stands. */
export const practiceShopCall = defineCall({
  name: 'practice-shop',
  roles: OWNER,
  writes: false,
  input: z.strictObject({ wish: z.enum(['ask', 'open', 'drop']) }),
  answer: answers<PracticeShopView>(),
});
