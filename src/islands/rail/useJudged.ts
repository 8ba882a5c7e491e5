import type { BoxView } from '@contracts/box/box-view';
import { piecesOf, settingOf } from '@contracts/look-pieces';
import { atStage, judge, piecesAt, type Setting, type Stage } from '@core/look';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { useStages } from './StageTabs';
import type { LookStore } from './store';

const NO_STAGES: readonly Stage[] = [];

export type Judged = ReturnType<typeof useJudged>;

/** The look as it is worn, at one stage of its occasion where one is chosen, and what the rules say of it; judged on every change. */
export function useJudged(view: BoxView, store: LookStore, stageTitle: string | undefined) {
  const worn = useStore(store, (look) => look.worn);
  const overrules = useStore(store, (look) => look.overrules);
  const occasionId = useStore(store, (look) => look.occasionId);
  const offs = useStore(store, (look) => look.stages);
  const all = useMemo(() => piecesOf(view, worn), [view, worn]);
  const planned = view.occasions.find(({ id }) => id === occasionId);
  const occasion = planned?.occasion;
  const stages = planned?.stages ?? NO_STAGES;
  const stage = stages.find(({ title }) => title === stageTitle);
  const pieces = useMemo(() => (stage ? piecesAt(all, stage.title, offs) : all), [all, stage, offs]);
  const given = useMemo(() => settingOf(view), [view]);
  const setting = useMemo<Setting>(
    () => ({ ...given, occasion: occasion && stage ? atStage(occasion, stage) : occasion }),
    [given, occasion, stage],
  );
  const { settings } = view.shop;
  const byStage = useStages({ pieces: all, stages, offs, occasion, setting: given, settings, overrules });
  const alone = useMemo(
    () => judge(pieces, setting, settings, overrules),
    [pieces, setting, settings, overrules],
  );
  // A stage knows what later ones show; until all of them are judged it is judged alone.
  const verdict = (stage && byStage?.find(({ title }) => title === stage.title)?.verdict) ?? alone;
  return {
    worn,
    overrules,
    all,
    occasion,
    stages,
    stage,
    pieces,
    setting,
    settings,
    byStage,
    alone,
    verdict,
  };
}
