import type { Profile } from '@core/client';
import type { Occasion } from '@core/occasion';
import type { PlanLook } from '@core/plan';
import { piecesNamed } from '@core/say';
import { capital, type Tongue } from '@core/words';
import { Figure } from '@ui/Figure';
import { useState } from 'react';

interface Props {
  /** Best looks of each occasion. */
  readonly looks: readonly (readonly PlanLook[])[];
  readonly occasions: readonly Occasion[];
  readonly client: Profile;
  readonly name: string;
  /** "her", "his", "their". */
  readonly whose: string;
  readonly tongue: Tongue;
}

/** The best looks of the planned box on the client's figure, occasion by occasion. */
export function PlannedLooks({ looks, occasions, client, name, whose, tongue }: Props) {
  const [chosen, setChosen] = useState<readonly [occasion: number, look: number]>([0, 0]);
  const [o, l] = looks[chosen[0]]?.[chosen[1]] ? chosen : [chosen[0], 0];
  const look = looks[o]?.[l];
  return (
    <aside className="sheet plan-looks" aria-label="Best looks">
      <div className="plan-tabs" role="group" aria-label="Occasions">
        {occasions.map(({ title }, at) => (
          <button key={title} className="ask-tab" aria-pressed={at === o} onClick={() => setChosen([at, 0])}>
            {capital(title)}
          </button>
        ))}
      </div>
      {look ? (
        <>
          <div className="stage plan-figure">
            <Figure
              pieces={look.pieces}
              client={client}
              height={440}
              title={`${name} in ${piecesNamed(look.pieces, tongue.english)}`}
            />
          </div>
          <p className="small">{piecesNamed(look.pieces, tongue.english, whose)}</p>
          {(looks[o]?.length ?? 0) > 1 && (
            <div className="plan-tabs" role="group" aria-label="Looks">
              {looks[o]?.map((_look, at) => (
                <button
                  key={at}
                  className="ask-tab"
                  aria-pressed={at === l}
                  onClick={() => setChosen([o, at])}
                >
                  {['Best', 'Second', 'Third'][at]}
                </button>
              ))}
            </div>
          )}
        </>
      ) : (
        <p className="empty">
          <strong>No look yet.</strong>
          {occasions[o] ? `Nothing makes a whole look for ${occasions[o].title} that may be sent.` : ''}
        </p>
      )}
    </aside>
  );
}
