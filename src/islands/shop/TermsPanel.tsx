import type { ShopPageView } from '@contracts/shop/shop-page-view';
import { type Rounding } from '@core/money';
import type { Carrier } from '@core/parcel';
import type { Terminal } from '@core/shop';
import { Button, Checkbox, NativeSelect, NumberInput, Switch, Textarea, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { amountIn, amountOf } from '@ui/amounts';
import { useShopPart } from './useShopPart';

type Terms = ShopPageView['terms'];

interface Props {
  readonly terms: Terms;
  readonly version: number;
  readonly currency: string;
}

const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;
const DAYS = [
  ['styleDays', 'Days to style'],
  ['packDays', 'Days to pack'],
  ['transitDays', 'Days on the way'],
  ['tryOnDays', 'Days to try on'],
  ['exchangeDays', 'Days for an exchange'],
  ['holdDays', 'Days a hold lasts at least'],
] as const;

const KEEPS = [
  ['keepMeasuresMonths', 'Measures'],
  ['keepPhotosMonths', 'Photos'],
  ['keepBoxesMonths', 'Letters, looks and notes'],
] as const;
const monthsOf = (field: number | string | null): number | null => (typeof field === 'number' ? field : null);

/** Every zone this browser knows, as the trade's own lists are long. */
const ZONES: readonly string[] = Intl.supportedValuesOf('timeZone');

const valuesOf = (terms: Terms) => ({
  ...terms,
  taxPercent: terms.taxBp / 100,
  keepAllPercent: terms.keepAllBp / 100,
  fee: amountIn(terms.styleFeeMinor),
  holidays: terms.holidays.join('\n'),
  // An empty field of this form library is '', never null.
  keepMeasuresMonths: terms.keepMeasuresMonths ?? ('' as number | ''),
  keepPhotosMonths: terms.keepPhotosMonths ?? ('' as number | ''),
  keepBoxesMonths: terms.keepBoxesMonths ?? ('' as number | ''),
  remindDays: terms.remindDays ?? ('' as number | ''),
  lateReturnDays: terms.lateReturnDays ?? ('' as number | ''),
  damagePercent: terms.damageShareBp / 100,
});
type Values = ReturnType<typeof valuesOf>;

const termsOf = ({ taxPercent, keepAllPercent, damagePercent, fee, holidays, ...rest }: Values): Terms => ({
  ...rest,
  taxBp: Math.round(taxPercent * 100),
  keepAllBp: Math.round(keepAllPercent * 100),
  styleFeeMinor: amountOf(fee) ?? 0,
  keepMeasuresMonths: monthsOf(rest.keepMeasuresMonths),
  keepPhotosMonths: monthsOf(rest.keepPhotosMonths),
  keepBoxesMonths: monthsOf(rest.keepBoxesMonths),
  remindDays: monthsOf(rest.remindDays),
  lateReturnDays: monthsOf(rest.lateReturnDays),
  damageShareBp: Math.round(damagePercent * 100),
  holidays: holidays
    .split(/[\s,;]+/)
    .filter(Boolean)
    .sort(),
});

/** Where a fault of the server shows on this form. */
const FIELD: Readonly<Record<string, string>> = {
  taxBp: 'taxPercent',
  keepAllBp: 'keepAllPercent',
  styleFeeMinor: 'fee',
  damageShareBp: 'damagePercent',
};
const fieldOf = (path: string): string => {
  const [root = ''] = path.split(/[.[]/);
  return FIELD[root] ?? root;
};

/** Name, clock, tax, fees and the days that dates are worked backwards from. */
export function TermsPanel({ terms, version, currency }: Props) {
  const form = useForm<Values>({
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
    { show: (kept) => form.setValues(valuesOf(kept)), setErrors: form.setErrors, fieldOf },
  );
  const save = async (values: Values): Promise<void> => {
    const kept = await keep(termsOf(values), 'The shop’s terms are saved.');
    if (kept) form.resetDirty(valuesOf(kept));
  };
  const { values } = form;
  return (
    <form
      className="shop-panel"
      aria-label="Terms and days"
      onSubmit={form.onSubmit((all) => void save(all))}
    >
      <section className="sheet" aria-label="The shop">
        <h2>The shop</h2>
        <div className="shop-form">
          <TextInput label="Name" {...form.getInputProps('shopName')} />
          <TextInput label="Town" {...form.getInputProps('town')} />
          <Textarea
            label="Address for parcels"
            description="As it stands on a label, a line each"
            autosize
            minRows={2}
            maxRows={5}
            {...form.getInputProps('address')}
          />
          <TextInput label="Time zone" list="shop-zones" {...form.getInputProps('zone')} />
          <TextInput
            label="Currency"
            value={currency}
            disabled
            description="Fixed when the shop was opened"
          />
        </div>
        <datalist id="shop-zones">
          {ZONES.map((zone) => (
            <option key={zone} value={zone} />
          ))}
        </datalist>
      </section>
      <section className="sheet" aria-label="Money">
        <h2>Money</h2>
        <div className="shop-form">
          <NumberInput
            label="Tax, %"
            min={0}
            max={100}
            decimalScale={2}
            {...form.getInputProps('taxPercent')}
          />
          <NativeSelect
            label="Rounding"
            data={[
              { value: 'half-up', label: 'half a cent goes up' },
              { value: 'half-even', label: 'half a cent goes to the even one' },
            ]}
            value={values.rounding}
            onChange={(event) => form.setFieldValue('rounding', event.currentTarget.value as Rounding)}
          />
          <TextInput label={`Styling fee, ${currency}`} {...form.getInputProps('fee')} />
          <NumberInput
            label="Off when everything is kept, %"
            min={0}
            max={100}
            decimalScale={2}
            {...form.getInputProps('keepAllPercent')}
          />
          <NativeSelect
            label="Carrier"
            description="A simulated one gives numbers and moves parcels by the days on the way; nothing is collected."
            data={[
              { value: 'none', label: 'none: parcel numbers are typed' },
              { value: 'simulated', label: 'a simulated one' },
            ]}
            value={values.carrier}
            onChange={(event) => form.setFieldValue('carrier', event.currentTarget.value as Carrier)}
          />
          <NativeSelect
            label="Card terminal"
            description="A simulated one is played on the screen, to learn by; no money moves."
            data={[
              { value: 'none', label: 'none: what was paid is noted' },
              { value: 'simulated', label: 'a simulated one' },
            ]}
            value={values.terminal}
            onChange={(event) => form.setFieldValue('terminal', event.currentTarget.value as Terminal)}
          />
          <Switch
            className="whole"
            label="Prices include the tax"
            description="Off: the tax is added to what is kept."
            {...form.getInputProps('taxIncluded', { type: 'checkbox' })}
          />
        </div>
      </section>
      <section className="sheet" aria-label="Days">
        <h2>Days</h2>
        <p className="small soft">Every box’s dates are worked backwards from its occasion by these.</p>
        <div className="shop-form">
          {DAYS.map(([field, label]) => (
            <NumberInput
              key={field}
              label={label}
              min={0}
              max={90}
              allowDecimal={false}
              {...form.getInputProps(field)}
            />
          ))}
          <Checkbox.Group
            className="whole"
            label="Closed on"
            value={values.closedWeekdays.map(String)}
            onChange={(days) => form.setFieldValue('closedWeekdays', days.map(Number).sort())}
            error={form.errors.closedWeekdays}
          >
            <div style={{ display: 'flex', flexWrap: 'wrap', gap: 12, paddingTop: 4 }}>
              {WEEKDAYS.map((day, i) => (
                <Checkbox key={day} value={String(i)} label={day} />
              ))}
            </div>
          </Checkbox.Group>
          <Textarea
            className="whole"
            label="Holidays"
            description="One day a line, as 2026-12-25"
            autosize
            minRows={2}
            maxRows={6}
            {...form.getInputProps('holidays')}
          />
        </div>
      </section>
      <section className="sheet" aria-label="Returns">
        <h2>Returns</h2>
        <Textarea
          label="Return policy, in the shop’s words"
          autosize
          minRows={3}
          maxRows={10}
          {...form.getInputProps('returnPolicy')}
        />
        <NumberInput
          label="Remind clients before the day to decide"
          description="By e-mail, once before and once when it has gone by; leave empty to write to nobody by itself."
          min={0}
          max={30}
          allowDecimal={false}
          suffix=" days"
          {...form.getInputProps('remindDays')}
        />
        <div className="shop-form">
          <NumberInput
            label="Kept pieces come back within"
            description="Days after a box was settled; an owner may take one back later. Empty: whenever they do."
            min={0}
            max={730}
            allowDecimal={false}
            suffix=" days"
            {...form.getInputProps('lateReturnDays')}
          />
          <NumberInput
            label="Usually withheld of a damaged piece, %"
            description="Stands there first when one is taken back; it may be changed each time."
            min={0}
            max={100}
            decimalScale={2}
            {...form.getInputProps('damagePercent')}
          />
          <Switch
            className="whole"
            label="The keep-all rate also after the day to send back"
            description="Off: whoever decides later pays without it, and is told so. Boxes that are out keep what they went out with."
            {...form.getInputProps('lateKeepAll', { type: 'checkbox' })}
          />
        </div>
      </section>
      <section className="sheet" aria-label="What is kept">
        <h2>How long clients’ things are kept</h2>
        <p className="small soft">
          Months after somebody’s last box; leave empty to keep as long as they are a client. Each night what
          is over is erased. How long you may and must keep, your local law says.
        </p>
        <div className="shop-form">
          {KEEPS.map(([field, label]) => (
            <NumberInput
              key={field}
              label={label}
              min={1}
              max={240}
              allowDecimal={false}
              suffix=" months"
              {...form.getInputProps(field)}
            />
          ))}
        </div>
      </section>
      <div className="shop-actions">
        <Button type="submit" loading={busy}>
          Save the terms
        </Button>
      </div>
    </form>
  );
}
