import { gapWords } from '@core/plan';
import type { Proof } from './usePlanner';

interface ProofProps {
  readonly proof: Proof;
  readonly may: boolean;
  readonly onProve: () => void;
  readonly onStop: () => void;
}

/** How far the plan is from the best there could be, worked out when it is asked for. */
export function PlanProof({ proof, may, onProve, onStop }: ProofProps) {
  if (proof.state === 'under way')
    return (
      <p className="small" role="status">
        Working out the best there could be…{' '}
        <button className="plain-button small" onClick={onStop}>
          Stop
        </button>
      </p>
    );
  if (proof.state === 'found')
    return (
      <p className="small" role="status">
        {gapWords(proof.gap)}
      </p>
    );
  return (
    <p className="small" role="status">
      {proof.state === 'too long' && <>The proof takes too long here; the plan stands. </>}
      <button className="plain-button small" disabled={!may} onClick={onProve}>
        How good is it?
      </button>
    </p>
  );
}
