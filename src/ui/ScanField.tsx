import { TextInput } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';

interface Props {
  readonly label: string;
  /** True when the code was taken; the field is emptied then, and keeps what was refused otherwise. */
  readonly onCode: (code: string) => Promise<boolean>;
}

/** Signs of a scanner come this fast, ms; nobody types so. */
const WEDGE_MS = 60;
/** Fewer signs than this are no code. */
const LEAST_SIGNS = 4;

/**
 * A field a code is typed or scanned into. A scanner is a keyboard that is very fast and ends with Enter: its reading is
 * heard wherever the page has the focus, so that nobody has to click into a field with a garment in hand.
 */
export function ScanField({ label, onCode }: Props) {
  const [code, setCode] = useState('');
  const [busy, setBusy] = useState(false);
  const take = async (read: string): Promise<void> => {
    setBusy(true);
    const taken = await onCode(read.trim());
    setBusy(false);
    setCode(taken ? '' : read.trim());
  };
  useWedge((read) => void take(read));
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (code.trim() !== '') void take(code);
      }}
    >
      <TextInput
        size="xs"
        label={label}
        placeholder="SKU or EAN, then Enter"
        autoComplete="off"
        spellCheck={false}
        disabled={busy}
        value={code}
        onChange={(event) => setCode(event.currentTarget.value)}
        data-scan
      />
    </form>
  );
}

/** Hears a scanner outside of any field: signs that follow one another faster than anybody types, and Enter. */
export function useWedge(onRead: (code: string) => void): void {
  const latest = useRef(onRead);
  useEffect(() => {
    latest.current = onRead;
  });
  useEffect(() => {
    let read = '';
    let last = 0;
    const heard = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement;
      if (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable) return;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      // A scanner holds Shift for capitals; that is no sign of its own.
      if (event.key === 'Shift') return;
      const fast = event.timeStamp - last <= WEDGE_MS;
      last = event.timeStamp;
      if (event.key === 'Enter') {
        if (fast && read.length >= LEAST_SIGNS) {
          event.preventDefault();
          event.stopPropagation();
          latest.current(read);
        }
        read = '';
        return;
      }
      // Any other key is somebody's hand.
      if (event.key.length !== 1) {
        read = '';
        return;
      }
      read = fast ? read + event.key : event.key;
      // From the second sign on it is a scanner: what the page does with single keys is not meant.
      if (fast && read.length > 1) event.stopPropagation();
    };
    document.addEventListener('keydown', heard, true);
    return () => document.removeEventListener('keydown', heard, true);
  }, []);
}
