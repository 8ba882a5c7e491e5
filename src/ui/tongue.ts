import { type English, HOUSE_TONGUE, type LengthUnit, localeOf, type Tongue } from '@core/words';

/** How the shop whose page this is speaks, as its frame says; in the browser only, the house's way elsewhere. */
export function pageTongue(): Tongue {
  if (typeof document === 'undefined') return HOUSE_TONGUE;
  const { lang, dataset } = document.documentElement;
  const english: English = lang === localeOf({ english: 'american' }) ? 'american' : 'british';
  return { english, units: (dataset.units as LengthUnit | undefined) ?? HOUSE_TONGUE.units };
}
