import type { Profile } from '@core/client';
import { bodyOf } from '@core/figure';
import { modeOf, type Piece } from '@core/piece';
import { stepsOf } from '@core/sketch';
import { useMemo } from 'react';
import { Drawing } from './Drawing';

interface Props {
  readonly piece: Piece;
  readonly client: Profile;
  /** Height of each drawing, px. */
  readonly height?: number;
}

/** How a piece comes to be worn so, step by step; nothing where there is nothing to teach. */
export function TaughtSteps({ piece, client, height = 104 }: Props) {
  const steps = useMemo(() => stepsOf(piece, bodyOf(client.measures)), [piece, client]);
  if (steps.length === 0) return null;
  return (
    <ol className="taught" aria-label={`${modeOf(piece).title}, step by step`}>
      {steps.map(({ says, drawing }, i) => (
        <li key={says}>
          <Drawing drawing={drawing} title={`Step ${i + 1}`} height={height} decorative />
          <span>{says}</span>
        </li>
      ))}
    </ol>
  );
}
