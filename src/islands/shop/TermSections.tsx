import type { Rounding } from '@core/money';
import type { Carrier } from '@core/parcel';
import type { Terminal } from '@core/shop';
import { Checkbox, NativeSelect, NumberInput, Switch, Textarea, TextInput } from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import type { TermValues } from './term-values';

interface Part {
  readonly form: UseFormReturnType<TermValues>;
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

/** Every zone this browser knows, as the trade's own lists are long. */
const ZONES: readonly string[] = Intl.supportedValuesOf('timeZone');

/** Name, place, clock. */
export function OwnTerms({ form, currency }: Part & { readonly currency: string }) {
  return (
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
        <TextInput label="Currency" value={currency} disabled description="Fixed when the shop was opened" />
      </div>
      <datalist id="shop-zones">
        {ZONES.map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </section>
  );
}

/** Tax, rounding, fee and rates; what takes cards and carries parcels. */
export function MoneyTerms({ form, currency }: Part & { readonly currency: string }) {
  return (
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
          value={form.values.rounding}
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
          value={form.values.carrier}
          onChange={(event) => form.setFieldValue('carrier', event.currentTarget.value as Carrier)}
        />
        <NativeSelect
          label="Card terminal"
          description="A simulated one is played on the screen, to learn by; no money moves."
          data={[
            { value: 'none', label: 'none: what was paid is noted' },
            { value: 'simulated', label: 'a simulated one' },
          ]}
          value={form.values.terminal}
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
  );
}

/** The days that dates are worked backwards from, and on which the shop is closed. */
export function DayTerms({ form }: Part) {
  return (
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
          value={form.values.closedWeekdays.map(String)}
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
  );
}

/** What comes back, until when, and what silence means. */
export function ReturnTerms({ form }: Part) {
  return (
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
        <NumberInput
          className="whole"
          label="Unanswered pieces count as kept after"
          description="Days after the day to send back; her page says so from the first. Empty: silence is no answer. Where you live the law may not allow it: ask before you set it."
          min={0}
          max={365}
          allowDecimal={false}
          suffix=" days"
          {...form.getInputProps('silentKeepDays')}
        />
        <Switch
          className="whole"
          label="The styling fee goes back when a whole box is lost"
          description="Pieces that never arrive are not charged either way."
          {...form.getInputProps('lostFeeBack', { type: 'checkbox' })}
        />
      </div>
    </section>
  );
}

/** How long what is personal is kept. */
export function KeepingTerms({ form }: Part) {
  return (
    <section className="sheet" aria-label="What is kept">
      <h2>How long clients’ things are kept</h2>
      <p className="small soft">
        Months after somebody’s last box; leave empty to keep as long as they are a client. Each night what is
        over is erased. How long you may and must keep, your local law says.
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
  );
}
