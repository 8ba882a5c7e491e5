import { showAtFields } from '@ui/api';
import { useMergedSave } from '@ui/useMergedSave';
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

/** A form over a part of the shop's settings, and the version it is saved over. */
export function useShopPart<V extends object>(
  name: 'save-shop' | 'save-voice',
  first: Part<V>,
  { show, form, fieldOf }: FormOf<V>,
) {
  const [version, setVersion] = useState(first.version);
  const { busy, save: keep } = useMergedSave(name, first.value, {
    show,
    refused: (error) => showAtFields(error, form, fieldOf),
  });
  /** Resolves with what is saved now, or with nothing where it was refused and shown. */
  const save = async (value: V, done: string): Promise<V | undefined> => {
    const kept = await keep(version, value, done);
    if (kept) setVersion(kept.version);
    return kept?.value;
  };
  return { busy, save };
}
