import { type Occasion } from '@core/occasion';
import {
  isRight,
  judgeStages,
  type Overrule,
  type Setting,
  type Stage,
  type StageOff,
  type StageVerdict,
  type Verdict,
} from '@core/look';
import type { Piece } from '@core/piece';
import type { Settings } from '@core/rules';
import { useDebouncedValue } from '@mantine/hooks';
import { useMemo } from 'react';

interface Question {
  readonly pieces: readonly Piece[];
  readonly stages: readonly Stage[];
  readonly offs: readonly StageOff[];
  readonly occasion: Occasion | undefined;
  /** But for the occasion, which differs by stage. */
  readonly setting: Omit<Setting, 'occasion'>;
  readonly settings: Settings;
  readonly overrules: readonly Overrule[];
}

/** The stages are judged when the hand rests: not within the frames of a change. */
const REST_MS = 150;

/**
 * The look judged at every stage of its occasion; undefined without stages. It comes after the change that is on the
 * screen: the figure never waits for it.
 */
export function useStages(now: Question): readonly StageVerdict[] | undefined {
  const { pieces, stages, offs, occasion, setting, settings, overrules } = now;
  const asked = useMemo(
    () => ({ pieces, stages, offs, occasion, setting, settings, overrules }),
    [pieces, stages, offs, occasion, setting, settings, overrules],
  );
  const [later] = useDebouncedValue(asked, REST_MS);
  const found = useMemo(
    () =>
      later.stages.length > 0 && later.occasion
        ? judgeStages(
            later.pieces,
            later.stages,
            later.offs,
            { ...later.setting, occasion: later.occasion },
            later.settings,
            later.overrules,
          )
        : undefined,
    [later],
  );
  return later === asked ? found : undefined;
}

interface Props {
  readonly stages: readonly StageVerdict[] | undefined;
  readonly titles: readonly Stage[];
  /** The whole occasion, when no stage is open. */
  readonly whole: Verdict;
  readonly current: string | undefined;
  readonly onGo: (title: string | undefined) => void;
}

/** The stages of the occasion, each with what the rules say of the look there. */
export function StageTabs({ stages, titles, whole, current, onGo }: Props) {
  return (
    <div className="stage-tabs" role="group" aria-label="Stages of the occasion">
      <button aria-pressed={current === undefined} onClick={() => onGo(undefined)}>
        The whole {current === undefined && <State verdict={whole} />}
      </button>
      {titles.map(({ title }) => (
        <button key={title} aria-pressed={current === title} onClick={() => onGo(title)}>
          {title} <State verdict={stages?.find((each) => each.title === title)?.verdict} />
        </button>
      ))}
    </div>
  );
}

/** How the look stands there, in a word; a tick where it is ready. */
function State({ verdict }: { readonly verdict: Verdict | undefined }) {
  const words = !verdict
    ? '…'
    : !verdict.complete
      ? 'not whole yet'
      : !verdict.sendable
        ? 'ruled out'
        : isRight(verdict)
          ? 'ready'
          : 'to put right';
  return words === 'ready' ? (
    <span className="stage-state">
      <span aria-hidden>✓</span>
      <span className="visually-hidden">ready</span>
    </span>
  ) : (
    <span className="stage-state">{words}</span>
  );
}
