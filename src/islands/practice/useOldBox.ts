import type { OldBox } from '@contracts/practice/old-box';
import { call, showProblem } from '@ui/api';
import { useRef, useState } from 'react';

/** Old boxes, one after the other, none twice while the page is open. */
export function useOldBox() {
  const [state, setState] = useState<'closed' | 'open' | 'none'>('closed');
  const [box, setBox] = useState<OldBox>();
  const seen = useRef<readonly string[]>([]);
  async function open(): Promise<void> {
    try {
      const { box: found } = await call('old-box', { seen: [...seen.current] });
      setBox(found);
      setState(found ? 'open' : 'none');
      if (found) seen.current = [...seen.current, found.boxId].slice(-200);
    } catch (error) {
      showProblem(error);
    }
  }
  return { state, box, seen: seen.current.length, open, close: () => setState('closed') };
}
