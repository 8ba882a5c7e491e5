import type { BoxView } from '@contracts/box/box-view';
import type { ShopView } from '@contracts/shop/shop-view';
import type { Occasion } from '@core/occasion';
import { hasLeft } from '@core/box';
import type { Profile } from '@core/client';
import { gramsOf, type Piece } from '@core/piece';
import { inWeather, JOURNEY_DAYS, journeyOf } from '@core/plan';
import { piecesNamed } from '@core/say';
import type { English } from '@core/words';
import { Button } from '@mantine/core';
import { Figure } from '@ui/Figure';
import { GarmentSketch } from '@ui/GarmentSketch';
import { Providers } from '@ui/Providers';
import { orDies } from '@ui/worker';
import type { PlanWork } from '@workers/plan';
import { counted } from '@core/words';
import { wrap } from 'comlink';
import { useEffect, useMemo, useRef, useState } from 'react';
import { IntoLetter } from './IntoLetter';
import { type Journey, JourneyAsk } from './JourneyAsk';
import './journey.css';

type Answer = {
  readonly packed: Awaited<ReturnType<PlanWork['pack']>>;
  readonly occasions: readonly Occasion[];
};

interface Props {
  readonly name: string;
  readonly profile: Profile;
  readonly closet: readonly Piece[];
  readonly occasions: readonly Occasion[];
  readonly shop: ShopView;
  /** A box that goes along, and whose letter may take up what is packed. */
  readonly box?: BoxView | undefined;
}

interface Packing extends Pick<Props, 'profile' | 'closet' | 'shop'> {
  readonly choices: readonly Occasion[];
  readonly fresh: readonly Piece[];
}

/** Packs in a worker; what is asked meanwhile takes the place of what was asked before. */
function usePacking({ profile, closet, shop, choices, fresh }: Packing) {
  const [answer, setAnswer] = useState<Answer>();
  const [state, setState] = useState<'idle' | 'busy' | 'failed'>('idle');
  const worker = useRef<Worker>(undefined);
  useEffect(() => () => worker.current?.terminate(), []);
  const pack = async ({ chosen, days, most, kg, outdoorC }: Journey): Promise<void> => {
    worker.current?.terminate();
    const made = new Worker(new URL('../../workers/plan.ts', import.meta.url), { type: 'module' });
    worker.current = made;
    setState('busy');
    const occasions = choices
      .filter((_each, at) => chosen.has(at))
      .map((occasion) => inWeather({ ...occasion, date: undefined }, outdoorC));
    try {
      const problem = journeyOf(closet, fresh, occasions, { client: profile, shopSchools: shop.schools });
      const maxG = kg === undefined ? undefined : kg * 1000;
      const packed = await orDies(
        made,
        wrap<PlanWork>(made).pack(problem, { days, maxPieces: most, maxG }, shop.settings),
      );
      if (worker.current !== made) return;
      setAnswer({ packed, occasions });
      setState('idle');
    } catch {
      if (worker.current === made) setState('failed');
    }
  };
  return { answer, state, pack };
}

/** The fewest pieces of a closet, and of a box where there is one, that dress every day of a journey or a season, what to pack, and what to wear when. */
export function JourneyPage({ name, profile, closet, occasions: planned, shop, box }: Props) {
  const choices = useMemo(() => [...planned, ...JOURNEY_DAYS], [planned]);
  const usual = planned.length;
  const fresh = useMemo(() => (box?.lines ?? []).map(({ piece }) => piece), [box]);
  const [asked, setAsked] = useState<Journey>({ chosen: new Set([usual, usual + 2]), days: 7, most: 12 });
  const { answer, state, pack } = usePacking({ profile, closet, shop, choices, fresh });
  const nothing = closet.length + fresh.length === 0;
  const undressed = (answer?.packed.days ?? []).filter(({ look }) => !look);
  return (
    <Providers keys={[]}>
      <div className="place-head">
        <h1>Pack for a journey</h1>
        <span className="soft">
          out of {name}’s closet, {counted(closet.length, 'piece')}
          {box && ` and box ${box.number}, ${counted(fresh.length, 'piece')}`}
        </span>
        <div className="end no-print">
          {answer && box && !hasLeft(box.state) && (
            <IntoLetter box={box} packed={answer.packed} occasions={answer.occasions} />
          )}
          {answer && (
            <Button variant="default" onClick={() => window.print()}>
              Print
            </Button>
          )}
        </div>
      </div>
      <JourneyAsk
        choices={choices}
        asked={asked}
        busy={state === 'busy'}
        disabled={asked.chosen.size === 0 || nothing}
        onAsk={(part) => setAsked((now) => ({ ...now, ...part }))}
        onPack={() => void pack(asked)}
      />
      <p role="status" className="small journey-status">
        {state === 'failed'
          ? 'The packing stopped. Try again.'
          : nothing
            ? 'The closet is empty: enter what is owned first.'
            : asked.chosen.size === 0
              ? 'Choose what the days are.'
              : state === 'busy'
                ? 'Trying everything with everything…'
                : answer && undressed.length > 0
                  ? `${undressed.length === 1 ? '1 day has' : `${undressed.length} days have`} nothing that was not worn before the same people: take more pieces, or wear something twice.`
                  : answer
                    ? 'No outfit is worn twice before the same people.'
                    : ''}
      </p>
      {answer && <Packed answer={answer} profile={profile} english={shop.tongue.english} />}
    </Providers>
  );
}

interface PackedProps {
  readonly answer: Answer;
  readonly profile: Profile;
  readonly english: English;
}

/** What to pack, and what to wear day by day. */
function Packed({ answer, profile, english }: PackedProps) {
  return (
    <div className="journey">
      <section className="sheet" aria-label="What to pack">
        <h2>
          {counted(answer.packed.pieces.length, 'piece')}, {(answer.packed.grams / 1000).toFixed(1)} kg
        </h2>
        <ul className="rows">
          {answer.packed.pieces.map((piece) => (
            <li key={piece.id} className="journey-piece">
              <span className="paper-sketch paper-sketch-small">
                <GarmentSketch piece={piece} fit={48} decorative />
              </span>
              {piece.title}
              <span className="small soft num">
                {gramsOf(piece)} g{piece.weightG === undefined ? ', about' : ''}
              </span>
            </li>
          ))}
        </ul>
      </section>
      <ol className="journey-days">
        {answer.packed.days.map(({ day, occasion, look }) => {
          const title = answer.occasions[occasion]?.title ?? '';
          const words = piecesNamed(look?.pieces ?? [], english);
          return (
            <li key={day}>
              <div className="stage journey-figure">
                {look && (
                  <Figure pieces={look.pieces} client={profile} height={200} title={`Day ${day}: ${words}`} />
                )}
              </div>
              <p className="small">
                <b>
                  Day {day}, {title}
                </b>
                <br />
                {look ? words : 'nothing new'}
              </p>
            </li>
          );
        })}
      </ol>
    </div>
  );
}
