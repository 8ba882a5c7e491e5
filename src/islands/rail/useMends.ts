import type { Profile } from '@core/client';
import type { Keeping, LookMend, Mend, MendInput } from '@core/look';
import type { Alternatives } from '@core/pull';
import type { MendWork } from '@workers/mends';
import { type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';

interface Found {
  readonly mends: readonly LookMend[];
  readonly ways: readonly Mend[];
  /** Leaving this off lifts the look. */
  readonly less: Mend | undefined;
}
const NOTHING: Found = { mends: [], ways: [], less: undefined };

export interface Mends extends Found {
  readonly busy: boolean;
  /** Ids of what is not worn, what goes best with the look as it is when asked first. */
  readonly best: () => Promise<readonly string[]>;
  /** What could be worn in the place of a piece of this look; another function for another question. */
  readonly instead: (pieceId: string, client: Profile) => Promise<Alternatives<Keeping>>;
}

/** Mends of the look on the figure, worked out in a worker; the newest question wins. */
export function useMends(input: MendInput): Mends {
  const remote = useRef<Remote<MendWork>>(undefined);
  const turn = useRef(0);
  const [answer, setAnswer] = useState<Found & { for: MendInput }>();
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/mends.ts', import.meta.url), { type: 'module' });
    remote.current = wrap<MendWork>(worker);
    return () => worker.terminate();
  }, []);
  useEffect(() => {
    const mine = ++turn.current;
    const wait = setTimeout(() => {
      const { current } = remote;
      if (!current) return;
      void Promise.all([current.mends(input), current.ways(input), current.less(input)]).then(
        ([mends, ways, less]) => {
          if (mine === turn.current) setAnswer({ for: input, mends, ways, less });
        },
      );
    }, 120);
    return () => clearTimeout(wait);
  }, [input]);
  const instead = useCallback(
    async (pieceId: string, client: Profile): Promise<Alternatives<Keeping>> =>
      (await remote.current?.instead(input, pieceId, client)) ?? { colours: [] },
    [input],
  );
  const latest = useRef(input);
  useEffect(() => {
    latest.current = input;
  }, [input]);
  const best = useCallback(async (): Promise<readonly string[]> => {
    // Who asks within a change asks before this has heard of it.
    await Promise.resolve();
    return (await remote.current?.best(latest.current)) ?? [];
  }, []);
  const current = answer?.for === input;
  return { ...(current ? answer : NOTHING), busy: !current, instead, best };
}
