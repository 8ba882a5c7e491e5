import type { BoxView } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { BACK_TO, BACK_WORDS, type BackTo, comesBack } from '@core/box';
import { sizePhrase } from '@core/fit';
import { NativeSelect } from '@mantine/core';
import { call, showProblem } from '@ui/api';
import { ScanField } from '@ui/ScanField';
import { SpareScanner } from '@ui/ScannerPad';
import type { BoxState } from '@ui/useBox';
import { useState } from 'react';

interface Props<V extends BoxView | PackView> {
  readonly box: BoxState<V>;
  readonly backTo: BackTo;
  readonly onBackTo: (backTo: BackTo) => void;
}

/** What comes back, piece by piece under the scanner: what is read is a return, and goes where it is said to go. */
export function ScanBack<V extends BoxView | PackView>({ box: { view, show }, backTo, onBackTo }: Props<V>) {
  const [said, setSaid] = useState('');
  const mayWriteOff = view.sees === 'all';
  const read = async (code: string): Promise<boolean> => {
    try {
      const {
        view: next,
        title,
        size,
        wasUndecided,
      } = await call('scan-back', { boxId: view.id, code, backTo });
      show(next);
      setSaid(
        `${title}, ${sizePhrase(size)}: ${BACK_WORDS[backTo]}.${wasUndecided ? ' Nobody had decided it; it is a return now.' : ''}`,
      );
      return true;
    } catch (error) {
      setSaid('');
      showProblem(error);
      return false;
    }
  };
  const back = view.lines.filter(
    ({ decision, checkedIn, sent }) =>
      sent && !checkedIn && (comesBack(decision) || decision === 'undecided'),
  );
  return (
    <div className="scan-back">
      <ScanField label="Scan what comes back" onCode={read} />
      <NativeSelect
        size="xs"
        label="It goes"
        value={backTo}
        data={BACK_TO.filter((to) => mayWriteOff || to !== 'written-off').map((value) => ({
          value,
          label: BACK_WORDS[value],
        }))}
        onChange={(event) => onBackTo(event.currentTarget.value as BackTo)}
      />
      <p role="status" className="small">
        {said}
      </p>
      {back.length > 0 && (
        <SpareScanner
          codes={back.map(({ sku, size, piece }) => ({ code: sku, words: `${piece.title}, ${size}` }))}
        />
      )}
    </div>
  );
}
