import type { VoucherView } from '@contracts/shop/vouchers';
import { money, parseMoney } from '@core/money';
import { Button, TextInput } from '@mantine/core';
import { useForm } from '@mantine/form';
import { call, showAtFields } from '@ui/api';
import { dayWords } from '@ui/days';
import { Money } from '@ui/Money';
import { useState } from 'react';

interface Props {
  readonly initial: readonly VoucherView[];
  readonly currency: string;
}

/** Vouchers of the shop: a new one, and what is left on each. They pay at the tally. */
export function VouchersPanel({ initial, currency }: Props) {
  const [vouchers, setVouchers] = useState(initial);
  const [made, setMade] = useState('');
  const [busy, setBusy] = useState(false);
  const form = useForm({
    initialValues: { amount: '', note: '' },
    validate: {
      amount: (text) => ((parseMoney(text, currency) ?? 0) > 0 ? null : 'How much, as 50 or 75.00'),
    },
  });
  const issue = async ({ amount, note }: typeof form.values): Promise<void> => {
    setBusy(true);
    try {
      const answer = await call('issue-voucher', { amountMinor: parseMoney(amount, currency) ?? 0, note });
      setVouchers(answer.vouchers);
      setMade(answer.code);
      form.reset();
    } catch (error) {
      showAtFields(error, form, (path) => (path === 'amountMinor' ? 'amount' : path));
    } finally {
      setBusy(false);
    }
  };
  const left = vouchers.reduce((sum, { balanceMinor }) => sum + balanceMinor, 0);
  return (
    <div className="shop-panel">
      <form className="sheet" aria-label="New voucher" onSubmit={form.onSubmit((all) => void issue(all))}>
        <h2>New voucher</h2>
        <div className="shop-form">
          <TextInput label={`Amount, ${currency}`} inputMode="decimal" {...form.getInputProps('amount')} />
          <TextInput
            label="What it is for"
            description="A birthday, a return; no client’s name, as it stays in the books"
            maxLength={200}
            {...form.getInputProps('note')}
          />
        </div>
        {made && (
          <p role="status">
            Its code is <strong className="num">{made}</strong>. Write it on the voucher: whoever has the code
            has the money.
          </p>
        )}
        <div className="shop-actions">
          <Button type="submit" loading={busy}>
            Issue the voucher
          </Button>
        </div>
      </form>
      <section className="sheet" aria-label="Vouchers">
        <h2>Vouchers</h2>
        {vouchers.length === 0 ? (
          <p className="empty">None yet. One that is issued pays at the tally, by its code.</p>
        ) : (
          <>
            <p className="soft">
              Left on all of them together: <Money minor={left} currency={currency} />.
            </p>
            <ul className="rows">
              {vouchers.map((each) => (
                <Row key={each.code} voucher={each} currency={currency} />
              ))}
            </ul>
          </>
        )}
      </section>
    </div>
  );
}

function Row({ voucher, currency }: { readonly voucher: VoucherView; readonly currency: string }) {
  const { code, note, day, issuedMinor, balanceMinor, moves } = voucher;
  const said = (minor: number): string => money(Math.abs(minor), currency);
  return (
    <li className="voucher-row">
      <span>
        <strong className="num">{code}</strong> {note && <span className="soft">{note}</span>}
        <span className="small soft">
          {' '}
          {said(issuedMinor)} issued {dayWords(day)}
          {moves.map(({ cause, amountMinor, box, day: moved }, i) => (
            <span key={i}>
              ; {said(amountMinor)} {cause === 'refund' ? 'back from' : 'for'} box {box}, {dayWords(moved)}
            </span>
          ))}
        </span>
      </span>
      <span className="num">
        {balanceMinor === 0 ? 'spent' : <Money minor={balanceMinor} currency={currency} />}
      </span>
    </li>
  );
}
