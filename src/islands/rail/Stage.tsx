import type { Profile } from '@core/client';
import { bodyOf, liftOf, rulerOf } from '@core/figure';
import type { Verdict } from '@core/look';
import { modeOf, modesOf, type Piece, wear } from '@core/piece';
import { nounOf } from '@core/say';
import { lengthIn, type Tongue } from '@core/words';
import { useDroppable } from '@dnd-kit/core';
import IconX from '@tabler/icons-react/icons/IconX';
import { isTaught } from '@core/sketch';
import { useKeys } from '@ui/useKeys';
import { Figure } from '@ui/Figure';
import { FigureRuler } from '@ui/FigureRuler';
import { TaughtSteps } from '@ui/TaughtSteps';
import { useSide } from '@ui/useSide';
import { memo, type ReactNode, useState } from 'react';

/** Height of the figure on its stage. */
const FIGURE_PX = 432;

interface StageProps {
  readonly pieces: readonly Piece[];
  /** The same, or with a change that is being tried: what the figure wears. The list stays as it is meanwhile. */
  readonly tried: readonly Piece[];
  readonly client: Profile;
  readonly verdict: Verdict;
  readonly tongue: Tongue;
  readonly lit: readonly string[];
  readonly onMode: (id: string, mode: string) => void;
  readonly onTakeOff: (id: string) => void;
  /** Worn, but off at the stage that is open. */
  readonly offHere: readonly Piece[];
  readonly onPutBack: (id: string) => void;
  /** What could be worn instead of a piece; absent where nothing may be changed. */
  readonly instead?: ((piece: Piece) => ReactNode) | undefined;
  /** Stages of the occasion, above the figure. */
  readonly children?: ReactNode;
}

/** The figure wearing the look, and how each piece is worn. Colours are judged on neutral grey. */
export function Stage({
  pieces,
  tried,
  client,
  verdict,
  tongue,
  lit,
  onMode,
  onTakeOff,
  offHere,
  onPutBack,
  instead,
  children,
}: StageProps) {
  const { setNodeRef, isOver } = useDroppable({ id: 'figure' });
  const { side, seen, button } = useSide();
  const [ruled, setRuled] = useState(false);
  const rule = (): void => setRuled((now) => !now);
  useKeys([['r', rule]]);
  const lift = liftOf(tried.map(wear));
  return (
    <section className="stage-column" aria-label="Look on the figure">
      {children}
      <div
        ref={setNodeRef}
        className={`stage figure-stage${isOver ? ' figure-over' : ''}`}
        data-over={isOver || undefined}
      >
        <Figure
          pieces={tried}
          client={client}
          height={FIGURE_PX}
          lit={lit}
          side={side}
          over={
            ruled
              ? (box) => (
                  <FigureRuler
                    ruler={rulerOf(bodyOf(client.measures), lift, verdict.hems, tongue.units)}
                    box={box}
                    height={FIGURE_PX}
                    floorMm={lift}
                    tongue={tongue}
                    called={(id) => {
                      const piece = pieces.find((each) => each.id === id);
                      return piece ? nounOf(piece.category, tongue.english) : '';
                    }}
                  />
                )
              : undefined
          }
          title={
            pieces.length === 0
              ? 'The figure, nothing worn'
              : `The figure wearing ${tried.map((piece) => piece.title).join(', ')}${seen}`
          }
        />
        {pieces.length > 0 && button}
        <button className="plain-button small ruler-key" aria-pressed={ruled} onClick={rule} title="r">
          {ruled ? 'Without the ruler' : 'Ruler'}
        </button>
        {pieces.length === 0 && <p className="figure-hint">Drag a piece here, or press Enter on it.</p>}
      </div>
      <ul className="rows worn-list">
        {pieces.map((piece) => (
          <WornRow
            key={piece.id}
            piece={piece}
            where={whereOf(piece, verdict, tongue)}
            client={client}
            onMode={onMode}
            onTakeOff={onTakeOff}
            instead={instead}
          />
        ))}
        {offHere.map((piece) => (
          <li key={piece.id} className="worn-off-here">
            <span className="worn-title soft">{piece.title}: off here</span>
            <button
              className="plain-button small"
              aria-label={`Put back on here: ${piece.title}`}
              onClick={() => onPutBack(piece.id)}
            >
              put back on
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Where the hem falls, in words; empty when nobody measured. */
function whereOf(piece: Piece, verdict: Verdict, tongue: Tongue): string {
  const hem = verdict.hems.find((each) => each.piece === piece.id && !each.defaulted);
  if (!hem) return '';
  return hem.clearanceMm === undefined
    ? hem.landmark
    : `${hem.landmark}, ${lengthIn(hem.clearanceMm, tongue)} off the floor`;
}

type WornRowProps = Pick<StageProps, 'onMode' | 'onTakeOff' | 'instead'> & {
  readonly piece: Piece;
  readonly where: string;
  readonly client: Profile;
};

const WornRow = memo(function WornRow({ piece, where, client, onMode, onTakeOff, instead }: WornRowProps) {
  const modes = modesOf(piece);
  const [other, setOther] = useState(false);
  const [shown, setShown] = useState(false);
  const taught = isTaught(piece);
  return (
    <li>
      <span className="worn-title">
        {piece.title} <span className="small soft">{where}</span>
      </span>
      {taught && (
        <button
          className="plain-button small"
          aria-expanded={shown}
          aria-label={`How to: ${piece.title}, ${modeOf(piece).title.toLowerCase()}`}
          onClick={() => setShown(!shown)}
        >
          how
        </button>
      )}
      {modes.length > 1 && (
        <select
          className="worn-way"
          aria-label={`How ${piece.title} is worn`}
          value={modeOf(piece).id}
          onChange={(event) => onMode(piece.id, event.currentTarget.value)}
        >
          {modes.map((mode) => (
            <option key={mode.id} value={mode.id}>
              {mode.title}
            </option>
          ))}
        </select>
      )}
      {instead && (
        <button
          className="plain-button small"
          aria-expanded={other}
          aria-label={`If not that: ${piece.title}`}
          title="What could be worn instead and keeps the look"
          onClick={() => setOther(!other)}
        >
          if not that
        </button>
      )}
      <button
        className="plain-button worn-off"
        aria-label={`Take off ${piece.title}`}
        title="Take off (Delete)"
        data-off={piece.id}
        onClick={() => onTakeOff(piece.id)}
      >
        <IconX size={14} aria-hidden />
      </button>
      {taught && shown && <TaughtSteps piece={piece} client={client} />}
      {other && instead?.(piece)}
    </li>
  );
});
