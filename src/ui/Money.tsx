import { money } from '@core/money';

export function Money({ minor, currency }: { readonly minor: number; readonly currency: string }) {
  return <span className="num">{money(minor, currency)}</span>;
}
