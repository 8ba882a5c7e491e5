import type { PromotionView } from '@contracts/shop/shop-page-view';
import { money, type PromotionKind } from '@core/money';
import { CATEGORIES, type Category } from '@core/piece';
import { Button, MultiSelect, NativeSelect, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { amountIn, amountOf } from '@ui/amounts';
import { call, showAtFields, showDone, showProblem } from '@ui/api';
import { dayWords } from '@ui/days';
import { kindCalled } from '@ui/called';
import { useState } from 'react';

interface Props {
  readonly initial: readonly PromotionView[];
  readonly today: string;
  readonly currency: string;
}

const BLANK = {
  id: undefined as string | undefined,
  code: '',
  kind: 'percent' as PromotionKind,
  amount: '',
  fromDay: '',
  toDay: '',
  categories: [] as Category[],
};

const stands = ({ fromDay, toDay }: PromotionView, today: string): string =>
  toDay < today ? 'over' : fromDay > today ? 'to come' : 'running';

/** Reductions with their days; both days are within, in the shop's own zone. */
export function PromotionsPanel({ initial, today, currency }: Props) {
  const [promotions, setPromotions] = useState(initial);
  const [busy, setBusy] = useState(false);
  const form = useForm({
    initialValues: { ...BLANK, fromDay: today, toDay: today },
    validate: {
      code: (code) => (code.trim() === '' ? 'A word for it, as WINTER' : null),
      amount: (amount) => (amountOf(amount) ? null : 'How much, as 10 or 15.50'),
      toDay: (toDay, { fromDay }) => (toDay < fromDay ? 'Ends before it begins' : null),
    },
  });
  const off = ({ kind, value }: Pick<PromotionView, 'kind' | 'value'>): string =>
    kind === 'percent' ? `${value / 100} % off` : `${money(value, currency)} off`;
  const save = async ({ amount, ...given }: typeof form.values): Promise<void> => {
    setBusy(true);
    try {
      const answer = await call('save-promotion', { ...given, value: amountOf(amount) ?? 0 });
      setPromotions(answer.promotions);
      form.setValues({ ...BLANK, fromDay: today, toDay: today });
      showDone('The promotion is saved.');
    } catch (error) {
      showAtFields(error, form, (path) => (path === 'value' ? 'amount' : path));
    } finally {
      setBusy(false);
    }
  };
  const remove = async ({ id, code }: PromotionView): Promise<void> => {
    try {
      setPromotions((await call('remove-promotion', { id })).promotions);
      showDone(`${code} is deleted. Boxes that have gone out keep it.`);
    } catch (error) {
      showProblem(error);
    }
  };
  const { values } = form;
  return (
    <div className="shop-panel">
      <section className="sheet" aria-label="Promotions">
        <h2>Promotions</h2>
        {promotions.length === 0 && (
          <p className="soft">None yet. Add one below; it counts by itself on its days.</p>
        )}
        <ul className="rows shop-lines">
          {promotions.map((promotion) => (
            <li key={promotion.id}>
              <span>
                <strong>{promotion.code}</strong> {off(promotion)}{' '}
                <span className="small soft">
                  {dayWords(promotion.fromDay)} to {dayWords(promotion.toDay)}, {stands(promotion, today)}
                  {promotion.categories.length > 0
                    ? `; ${promotion.categories.map((category) => kindCalled(category).toLowerCase()).join(', ')}`
                    : ''}
                </span>
              </span>
              <span className="shop-actions">
                <Button
                  size="compact-xs"
                  variant="default"
                  onClick={() =>
                    form.setValues({
                      ...promotion,
                      amount: amountIn(promotion.value),
                      categories: [...promotion.categories],
                    })
                  }
                >
                  Change {promotion.code}
                </Button>
                <Button size="compact-xs" variant="default" onClick={() => void remove(promotion)}>
                  Delete {promotion.code}
                </Button>
              </span>
            </li>
          ))}
        </ul>
      </section>
      <form className="sheet" aria-label="A promotion" onSubmit={form.onSubmit((all) => void save(all))}>
        <h2>{values.id ? `Change ${values.code}` : 'Add a promotion'}</h2>
        <div className="shop-form">
          <TextInput label="Code" {...form.getInputProps('code')} />
          <NativeSelect
            label="Takes off"
            data={[
              { value: 'percent', label: 'a share, %' },
              { value: 'amount', label: `an amount, ${currency}` },
            ]}
            value={values.kind}
            onChange={(event) => form.setFieldValue('kind', event.currentTarget.value as PromotionKind)}
          />
          <TextInput label="How much" {...form.getInputProps('amount')} />
          <TextInput label="First day" type="date" {...form.getInputProps('fromDay')} />
          <TextInput label="Last day" type="date" {...form.getInputProps('toDay')} />
          <MultiSelect
            label="Only these kinds"
            placeholder={values.categories.length === 0 ? 'everything' : ''}
            searchable
            data={CATEGORIES.map((value) => ({ value, label: kindCalled(value) }))}
            value={values.categories}
            onChange={(kinds) => form.setFieldValue('categories', kinds as Category[])}
          />
          <div className="shop-actions" style={{ justifyContent: 'flex-start' }}>
            <Button type="submit" loading={busy}>
              {values.id ? 'Save the promotion' : 'Add the promotion'}
            </Button>
            {values.id && (
              <Button
                variant="default"
                onClick={() => form.setValues({ ...BLANK, fromDay: today, toDay: today })}
              >
                Cancel
              </Button>
            )}
          </div>
        </div>
      </form>
    </div>
  );
}
