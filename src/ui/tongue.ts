import { type English, HOUSE_TONGUE, type LengthUnit, localeOf, spelt, type Tongue } from '@core/words';

const onServer = globalThis as { readonly ivoryTongue?: () => Tongue | undefined };

/** How the shop whose page this is speaks: as its frame says in the browser, as the request says where the server draws it. */
export function pageTongue(): Tongue {
  if (typeof document === 'undefined') return onServer.ivoryTongue?.() ?? HOUSE_TONGUE;
  const { lang, dataset } = document.documentElement;
  const english: English = lang === localeOf({ english: 'american' }) ? 'american' : 'british';
  return { english, units: (dataset.units as LengthUnit | undefined) ?? HOUSE_TONGUE.units };
}

let known: Tongue | undefined;

/** The same as one object as long as the page is there. */
export const useTongue = (): Tongue =>
  typeof document === 'undefined' ? pageTongue() : (known ??= pageTongue());

/** Our own words on a screen, spelt as this shop spells; what somebody typed or named is not passed through it. */
export const spell = (words: string): string => spelt(words, pageTongue());
