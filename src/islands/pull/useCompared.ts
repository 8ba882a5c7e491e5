import type { PullRow } from '@contracts/pull/pull-row';
import { useCallbackRef } from '@mantine/hooks';
import { useState } from 'react';
import { COMPARED_MOST } from './Compare';

/** Candidates that are put side by side; the newest, where more are put there than have room. */
export function useCompared() {
  const [compared, setCompared] = useState<readonly PullRow[]>([]);
  const [beside, setBeside] = useState(false);
  const letGo = (row: PullRow): void =>
    setCompared((now) => now.filter(({ garmentId }) => garmentId !== row.garmentId));
  const compare = useCallbackRef((row: PullRow): void =>
    setCompared((now) =>
      now.some(({ garmentId }) => garmentId === row.garmentId)
        ? now.filter(({ garmentId }) => garmentId !== row.garmentId)
        : [...now, row].slice(-COMPARED_MOST),
    ),
  );
  return { compared, compare, letGo, beside, setBeside };
}
