import { useSyncExternalStore } from 'react';
import { type English, HOUSE_TONGUE, type LengthUnit, localeOf, type Tongue } from '@core/words';

/** How the shop whose page this is speaks, as its frame says; in the browser only, the house's way elsewhere. */
export function pageTongue(): Tongue {
  if (typeof document === 'undefined') return HOUSE_TONGUE;
  const { lang, dataset } = document.documentElement;
  const english: English = lang === localeOf({ english: 'american' }) ? 'american' : 'british';
  return { english, units: (dataset.units as LengthUnit | undefined) ?? HOUSE_TONGUE.units };
}

let known: Tongue | undefined;
const still = () => () => undefined;

/** The same for what the server draws too: the house's way first, the shop's once the page is alive, so that both agree. */
export const useTongue = (): Tongue =>
  useSyncExternalStore(
    still,
    () => (known ??= pageTongue()),
    () => HOUSE_TONGUE,
  );
