import type { Input } from '@contracts/calls';
import { useState } from 'react';
import { showDone, showProblem } from './api';
import { callMerging } from './merging';

/** Calls that write a part of the shop over the version it was read at, and answer with the next one. */
type PartCall = 'save-shop' | 'save-voice' | 'save-rules' | 'save-pull-settings' | 'save-tongue';

interface Shown<V> {
  /** Shows what was saved where somebody else had saved meanwhile, and it is not what was sent. */
  readonly show: (value: V) => void;
  /** Says what was refused; absent: where everybody sees it. */
  readonly refused?: (error: unknown) => void;
}

/** A part of the shop's own settings with what was saved of it last; what somebody else saved meanwhile is merged. */
export function useMergedSave<V extends object>(
  name: PartCall,
  first: V,
  { show, refused = showProblem }: Shown<V>,
) {
  const [saved, setSaved] = useState(first);
  const [busy, setBusy] = useState(false);
  /** Resolves with what is saved now and its version, or with nothing where it was refused and said so. */
  const save = async (
    version: number,
    value: V,
    done: string,
  ): Promise<{ readonly value: V; readonly version: number } | undefined> => {
    setBusy(true);
    let kept = value;
    try {
      const answer = await callMerging<PartCall>(
        name,
        { version, ...value } as unknown as Input<PartCall>,
        saved as Partial<Input<PartCall>>,
        ({ version: _version, ...theirs }) => {
          kept = theirs as unknown as V;
          show(kept);
        },
      );
      setSaved(kept);
      showDone(done);
      return { value: kept, version: answer.version };
    } catch (error) {
      refused(error);
      return undefined;
    } finally {
      setBusy(false);
    }
  };
  return { saved, busy, save };
}
