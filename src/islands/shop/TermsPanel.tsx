import { Button } from '@mantine/core';
import { useForm } from '@mantine/form';
import { amountOf } from '@ui/amounts';
import { DayTerms, KeepingTerms, MoneyTerms, OwnTerms, ReturnTerms } from './TermSections';
import { fieldOf, type Terms, termsOf, type TermValues, valuesOf } from './term-values';
import { useShopPart } from './useShopPart';

interface Props {
  readonly terms: Terms;
  readonly version: number;
  readonly currency: string;
}

/** Name, clock, tax, fees and the days that dates are worked backwards from. */
export function TermsPanel({ terms, version, currency }: Props) {
  const form = useForm<TermValues>({
    initialValues: valuesOf(terms),
    validate: {
      shopName: (name) => (name.trim() === '' ? 'A shop has a name' : null),
      fee: (fee) => (amountOf(fee) === undefined ? `${fee}: not an amount, as 20.00` : null),
      holidays: (days) => {
        const odd = days
          .split(/[\s,;]+/)
          .filter(Boolean)
          .find((day) => !/^\d{4}-\d{2}-\d{2}$/.test(day));
        return odd ? `${odd}: a day as 2026-12-25` : null;
      },
    },
  });
  const { busy, save: keep } = useShopPart(
    'save-shop',
    { value: terms, version },
    { show: (kept) => form.setValues(valuesOf(kept)), form, fieldOf },
  );
  const save = async (values: TermValues): Promise<void> => {
    const kept = await keep(termsOf(values), 'The shop’s terms are saved.');
    if (kept) form.resetDirty(valuesOf(kept));
  };
  return (
    <form
      className="shop-panel"
      aria-label="Terms and days"
      onSubmit={form.onSubmit((all) => void save(all))}
    >
      <OwnTerms form={form} currency={currency} />
      <MoneyTerms form={form} currency={currency} />
      <DayTerms form={form} />
      <ReturnTerms form={form} />
      <KeepingTerms form={form} />
      <div className="shop-actions">
        <Button type="submit" loading={busy}>
          Save the terms
        </Button>
      </div>
    </form>
  );
}
