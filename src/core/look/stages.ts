import type { Piece } from '../piece';
import type { Settings } from '../rules';
import { aboutOf, judge, type Overrule, type Verdict } from './judge';
import type { Occasion } from '../occasion';
import type { Setting } from './scene';

/** A part of an occasion: what differs there. The look passes through it by taking things off or on. */
export interface Stage {
  readonly title: string;
  readonly changes: Partial<
    Pick<
      Occasion,
      'formality' | 'time' | 'place' | 'indoorC' | 'outdoorC' | 'windMs' | 'surfaces' | 'bans' | 'musts'
    >
  >;
}

/** The occasion as it is in one of its stages. */
export const atStage = (occasion: Occasion, stage: Stage): Occasion => ({
  ...occasion,
  ...stage.changes,
  title: `${occasion.title}: ${stage.title}`,
});

/** What comes off at a stage, by the stage's title: ids of pieces. */
export interface StageOff {
  readonly title: string;
  readonly off: readonly string[];
}

/** The look as it is worn at a stage. */
export const piecesAt = (pieces: readonly Piece[], title: string, offs: readonly StageOff[]): Piece[] => {
  const off = offs.find((each) => each.title === title)?.off ?? [];
  return pieces.filter(({ id }) => !off.includes(id));
};

export interface StageVerdict {
  readonly title: string;
  readonly occasion: Occasion;
  readonly pieces: readonly Piece[];
  readonly verdict: Verdict;
}

const LATER: string = 'a later stage of the occasion shows it';

/**
 * A look judged at each stage of its occasion, with what comes off there. A detail that is covered now and seen at a
 * later stage is nothing to mend (F5).
 */
export function judgeStages(
  pieces: readonly Piece[],
  stages: readonly Stage[],
  offs: readonly StageOff[],
  setting: Setting & { readonly occasion: Occasion },
  settings: Settings = {},
  overrules: readonly Overrule[] = [],
): StageVerdict[] {
  const judged = (stage: Stage, more: readonly Overrule[]): StageVerdict => {
    const occasion = atStage(setting.occasion, stage);
    const worn = piecesAt(pieces, stage.title, offs);
    return {
      title: stage.title,
      occasion,
      pieces: worn,
      verdict: judge(worn, { ...setting, occasion }, settings, [...overrules, ...more]),
    };
  };
  const first = stages.map((stage) => judged(stage, []));
  return stages.map((stage, i) => {
    const covered = (first[i] as StageVerdict).verdict.findings.filter(
      ({ rule, tone }) => rule === 'F5' && tone !== 'works',
    );
    const shown = covered.filter((finding) =>
      first
        .slice(i + 1)
        .some(
          ({ pieces: later, verdict }) =>
            later.some(({ id }) => id === finding.pieces[0]) &&
            !verdict.findings.some(
              (other) =>
                other.rule === 'F5' && other.tone !== 'works' && other.pieces[0] === finding.pieces[0],
            ),
        ),
    );
    return shown.length === 0
      ? (first[i] as StageVerdict)
      : judged(
          stage,
          shown.map((finding) => ({ rule: 'F5', about: aboutOf(finding), reason: LATER })),
        );
  });
}
