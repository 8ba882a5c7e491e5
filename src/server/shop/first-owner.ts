import { createHash, timingSafeEqual } from 'node:crypto';
import { passwordFault } from '../password';
import { firstOwnerInput } from '@contracts/shop/first-owner';
import { faultsOf } from '@contracts/faults';
import { unkeepable } from '@contracts/text';
import { HOUSE_SCHOOLS } from '@core/client';
import type { Database } from '@data/db';
import { hasNobody } from '@data/people/users';
import { addLocations } from '@data/shop/locations';
import { addShop, lockFirstVisit } from '@data/shop/shops';
import { conflict, invalid } from '../problem';
import { createUser, type SignIn } from '../sign-in';

/** True while nobody can sign in: the first visit makes the shop and its owner. */
export const isEmptyShop = hasNobody;

/** The code of a first visit, as the start command made it; without one no shop is opened through the web. */
function isFirstVisitCode(given: string): boolean {
  const code = process.env.FIRST_VISIT_CODE ?? '';
  const plain = (text: string): Buffer =>
    createHash('sha256')
      .update(text.replace(/[^a-z\d]/gi, '').toLowerCase())
      .digest();
  return code.length >= 8 && timingSafeEqual(plain(code), plain(given));
}

/** Makes a real shop and its owner; only while there is no account at all. */
export async function firstOwner(
  db: Database,
  signIn: SignIn,
  raw: unknown,
): Promise<{ email: string; password: string }> {
  const parsed = firstOwnerInput.safeParse(raw);
  const odd = unkeepable(raw);
  if (odd.length > 0) throw invalid(odd);
  if (!parsed.success) throw invalid(faultsOf(parsed.error));
  const input = parsed.data;
  if (!isFirstVisitCode(input.code))
    throw invalid([{ path: 'code', message: 'not the code that stands where the shop was started' }]);
  const weak = passwordFault(input.password, [input.shopName, input.town, input.name, input.email]);
  if (weak) throw invalid([{ path: 'password', message: weak }]);
  await db.transaction(async (tx) => {
    await lockFirstVisit(tx);
    if (!(await isEmptyShop(tx))) throw conflict('This shop has its owner already: sign in.');
    const shopId = await addShop(tx, {
      name: input.shopName,
      town: input.town,
      currency: input.currency,
      zone: input.zone,
      taxBp: 2000,
      styleFeeMinor: 2000,
      keepAllBp: 1000,
      schools: HOUSE_SCHOOLS,
    });
    await addLocations(tx, [
      { shopId, title: 'Shop floor', kind: 'shop floor' },
      { shopId, title: 'Back room', kind: 'back room' },
    ]);
    await createUser(tx, signIn, {
      shopId,
      name: input.name,
      email: input.email,
      password: input.password,
      role: 'owner',
    });
  });
  return { email: input.email, password: input.password };
}
