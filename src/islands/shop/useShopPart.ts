import type { Input } from '@contracts/calls';
import { showAtFields, showDone } from '@ui/api';
import { callMerging } from '@ui/merging';
import { useState } from 'react';

interface Part<V> {
  readonly value: V;
  readonly version: number;
}

interface FormOf<V> {
  /** Shows what was saved where somebody else had saved meanwhile, and it is not what was sent. */
  readonly show: (value: V) => void;
  readonly form: Parameters<typeof showAtFields>[1];
  /** Field of the form that shows a fault of the server. */
  readonly fieldOf: (path: string) => string;
}

type PartCall = 'save-shop' | 'save-voice';

/** A part of the shop's own settings, saved over the version it was read at; what somebody else saved meanwhile is merged. */
export function useShopPart<V extends object>(
  name: PartCall,
  first: Part<V>,
  { show, form, fieldOf }: FormOf<V>,
) {
  const [saved, setSaved] = useState(first);
  const [busy, setBusy] = useState(false);
  /** Resolves with what is saved now, or with nothing where it was refused and shown. */
  const save = async (value: V, done: string): Promise<V | undefined> => {
    setBusy(true);
    let kept = value;
    try {
      const answer = await callMerging<PartCall>(
        name,
        { version: saved.version, ...value } as unknown as Input<PartCall>,
        saved.value as Partial<Input<PartCall>>,
        ({ version: _version, ...theirs }) => {
          kept = theirs as unknown as V;
          show(kept);
        },
      );
      setSaved({ value: kept, version: answer.version });
      showDone(done);
      return kept;
    } catch (error) {
      showAtFields(error, form, fieldOf);
      return undefined;
    } finally {
      setBusy(false);
    }
  };
  return { busy, save };
}
