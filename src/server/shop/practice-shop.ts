import { practiceShopCall, type PracticeShopView } from '@contracts/shop/practice-shop';
import { note } from '../audit';
import { DEMO_USERS } from '../demo/users';
import { isPracticeShop } from '../origin';
import { serve } from '../use-case';

type Told = Pick<PracticeShopView, 'state' | 'origin' | 'fault'>;

/** How long whoever keeps this server running may take to say how things stand, ms. */
const ANSWER_MS = 2_000;

/** Asks whoever keeps this server running; undefined where nobody does, or nobody answers. */
function told(wish: 'ask' | 'open' | 'drop'): Promise<Told | undefined> {
  // Behind a proxy nobody but this machine would reach a second port.
  if (!process.send || process.env.SITE_URL) return Promise.resolve(undefined);
  return new Promise((done) => {
    const end = (answer: Told | undefined): void => {
      clearTimeout(timer);
      process.off('message', hear);
      done(answer);
    };
    const hear = (message: unknown): void => {
      const { practice } = (message ?? {}) as { practice?: Told };
      if (practice) end(practice);
    };
    const timer = setTimeout(() => end(undefined), ANSWER_MS);
    process.on('message', hear);
    process.send?.({ practice: wish });
  });
}

/** How the practice shop stands; `wish` other than to ask is begun, and not waited for. */
export async function practiceShopView(wish: 'ask' | 'open' | 'drop' = 'ask'): Promise<PracticeShopView> {
  if (isPracticeShop()) return { state: 'isPractice', people: [] };
  const { state = 'away' as const, origin, fault } = (await told(wish)) ?? {};
  return {
    state,
    origin: state === 'open' ? origin : undefined,
    fault,
    people: DEMO_USERS.map(({ role, email, password }) => ({ role, email, password })),
  };
}

export const practiceShop = serve(practiceShopCall, {
  async run(context, { wish }) {
    if (wish !== 'ask') await note(context, `practice shop ${wish}`, 'shop', context.actor.shopId);
    return practiceShopView(wish);
  },
});
