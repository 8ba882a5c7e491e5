import type { BoxView } from '@contracts/box/box-view';
import { isSettled } from '@core/box';
import type { Mend } from '@core/look';
import type { Speaker } from '@core/say';
import { Findings } from './Findings';
import { LookForm } from './LookForm';
import { LookNote } from './LookNote';
import { OtherSchool } from './OtherSchool';
import type { LookStore } from './store';
import type { Judged } from './useJudged';
import type { Mends } from './useMends';
import type { Saved } from './useSaving';

interface LookSideProps {
  readonly view: BoxView;
  readonly store: LookStore;
  readonly judged: Judged;
  readonly mended: Mends;
  readonly by: Speaker;
  readonly occasions: BoxView['occasions'];
  readonly saved: Saved;
  readonly onSave: () => void;
  readonly onWays: () => void;
  readonly onTurn: () => void;
  readonly onLight: (pieces: readonly string[]) => void;
  readonly onTry: (mend: Mend | undefined) => void;
  readonly onKeep: (mend: Mend) => Promise<void>;
}

/** Beside the figure: what the look is called and for, what the rules say of it, and the stylist's note. */
export function LookSide(props: LookSideProps) {
  const { view, store, judged, mended, by, occasions, saved } = props;
  const { onSave, onWays, onTurn, onLight, onTry, onKeep } = props;
  const { overrule, restore } = store.getState();
  const { pieces, setting, settings, verdict, overrules } = judged;
  const open = !isSettled(view.state);
  return (
    <aside className="combine-side">
      <LookForm
        store={store}
        occasions={occasions}
        open={open}
        saved={saved}
        onSave={onSave}
        mixAt={`/box/${view.id}/mix`}
        onWays={onWays}
        onTurn={onTurn}
      />
      <Findings
        pieces={pieces}
        verdict={verdict}
        mends={mended.mends}
        ways={mended.ways}
        less={mended.less}
        onFinish={onWays}
        by={by}
        busy={mended.busy}
        assumed={pieces.filter((piece) => piece.assumed).map(({ title }) => title)}
        schools={
          <OtherSchool pieces={pieces} setting={setting} settings={settings} verdict={verdict} by={by} />
        }
        overrules={overrules}
        onLight={onLight}
        onTry={onTry}
        onKeep={onKeep}
        onOverrule={overrule}
        onRestore={restore}
      />
      <LookNote store={store} open={open} />
    </aside>
  );
}
