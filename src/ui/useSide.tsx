import type { Side } from '@core/sketch';
import { useKeys } from './useKeys';
import { useState } from 'react';

/** The key that turns a figure round, as the help of a page names it. */
export const TURN_KEY = { keys: 'b', does: 'The figure from behind, or from the front' };

/** From where a figure is seen; the key and the button turn her round. */
export function useSide() {
  const [side, setSide] = useState<Side>('front');
  const turn = (): void => setSide((now) => (now === 'front' ? 'back' : 'front'));
  useKeys([[TURN_KEY.keys, turn]]);
  return {
    side,
    /** As it is said of a figure in its title. */
    seen: side === 'back' ? ', seen from behind' : '',
    button: (
      <button className="plain-button small turn-round" onClick={turn} title={TURN_KEY.keys}>
        {side === 'front' ? 'From behind' : 'From the front'}
      </button>
    ),
  };
}
