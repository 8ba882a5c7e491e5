import type { ChangeView } from '@contracts/client/client-view';

/** What was done, as a colleague would say it; by action and entity. */
const WORDS: Readonly<Record<string, string>> = {
  'add client': 'Added to the clients',
  'change client': 'Details changed',
  'add owned_item': 'A piece added to the closet',
  'change owned_item': 'A piece of the closet changed',
  'add pieces client': 'Pieces added to the closet',
  'add occasion': 'An occasion added',
  'change occasion': 'An occasion changed',
  'remove occasion': 'An occasion removed',
  'start box': 'A box begun',
  'start by rhythm box': 'A regular box begun',
  'export client': 'Everything exported',
  'make brief link client': 'A private link made',
  'revoke brief link client': 'A private link stopped',
  'settle brief client': 'Their own brief taken over',
  'set rhythm client': 'Regular boxes set',
  'pause rhythm client': 'Regular boxes paused',
  'skip a box client': 'A regular box skipped',
  'end rhythm client': 'Regular boxes ended',
  'agreed: measures client': 'Agreed: measures',
  'agreed: photos client': 'Agreed: photos',
  'agreed: messages client': 'Agreed: messages',
  'no longer agreed: measures client': 'Taken back: measures',
  'no longer agreed: photos client': 'Taken back: photos',
  'no longer agreed: messages client': 'Taken back: messages',
  'kept no longer client': 'Erased after its time',
};

export interface ChangeLine {
  readonly words: string;
  readonly by: string;
  readonly day: string;
}

/** Newest first; the same thing done several times on one day by one person is one line. */
export function changeLines(changes: readonly ChangeView[]): ChangeLine[] {
  const lines: (ChangeLine & { times: number })[] = [];
  for (const { action, entity, by, day } of changes) {
    const words = WORDS[`${action} ${entity}`] ?? action;
    const last = lines.at(-1);
    if (last?.words === words && last.by === by && last.day === day) last.times++;
    else lines.push({ words, by, day, times: 1 });
  }
  return lines.map(({ words, by, day, times }) => ({
    words: times === 1 ? words : `${words}, ${times} times`,
    by,
    day,
  }));
}
