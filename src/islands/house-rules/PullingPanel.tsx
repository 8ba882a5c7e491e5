import type { ShopView } from '@contracts/shop/shop-view';
import { CRITERIA, type Criterion, CRITERION_WORDS, type PullSettings, USUAL_PULL_WEIGHTS } from '@core/pull';
import { Button, NumberInput, Switch } from '@mantine/core';
import { useMergedSave } from '@ui/useMergedSave';
import { spell } from '@ui/tongue';
import { useState } from 'react';

interface Props {
  readonly shop: ShopView;
  readonly version: number;
  readonly mayTune: boolean;
  readonly onSaved: (version: number) => void;
}

interface Pulling {
  readonly settings: PullSettings;
  readonly alteredMayReturn: boolean;
}

/** What candidates are weighed by on the Pull page, and what the shop does with altered pieces. */
export function PullingPanel({ shop, version, mayTune, onSaved }: Props) {
  const [settings, setSettings] = useState<PullSettings>(shop.pull);
  const [alteredMayReturn, setAlteredMayReturn] = useState(shop.alteredMayReturn);
  const { busy, save } = useMergedSave<Pulling>(
    'save-pull-settings',
    { settings: shop.pull, alteredMayReturn: shop.alteredMayReturn },
    {
      show: (theirs) => {
        setSettings(theirs.settings);
        setAlteredMayReturn(theirs.alteredMayReturn);
      },
    },
  );
  const { weights = {}, ownInterest = false } = settings;
  const weigh = (criterion: Criterion, value: number | string): void =>
    setSettings(({ weights: { [criterion]: _before, ...rest } = {}, ...others }) => ({
      ...others,
      weights:
        typeof value === 'number' && value !== USUAL_PULL_WEIGHTS[criterion]
          ? { ...rest, [criterion]: value }
          : rest,
    }));
  const onSave = async (): Promise<void> => {
    const mine = { settings: { weights: { ...weights }, ownInterest }, alteredMayReturn };
    const kept = await save(version, mine, 'How the shop pulls is saved.');
    if (kept) onSaved(kept.version);
  };
  return (
    <section className="sheet pulling" aria-label="Pulling">
      <h2>What candidates are weighed by</h2>
      <p className="small soft">
        Points each may give or take. Every candidate shows the three that speak most for it and the one that
        speaks most against it.
      </p>
      <div className="rule-thresholds">
        {CRITERIA.map((criterion) => (
          <NumberInput
            key={criterion}
            size="xs"
            label={spell(CRITERION_WORDS[criterion])}
            min={0}
            max={100}
            disabled={!mayTune || (criterion === 'interest' && !ownInterest)}
            value={weights[criterion] ?? USUAL_PULL_WEIGHTS[criterion]}
            onChange={(value) => weigh(criterion, value)}
          />
        ))}
      </div>
      <Switch
        label="Count the shop’s own interest: how long a piece has been here, and its margin"
        description="Off unless the owner wants it; where it counts, the candidate says so."
        checked={ownInterest}
        disabled={!mayTune}
        onChange={(event) => {
          const { checked } = event.currentTarget;
          setSettings((now) => ({ ...now, ownInterest: checked }));
        }}
      />
      <h2>Alterations</h2>
      <Switch
        label="An altered piece may come back"
        description="Counts for what is given to the tailor from now on."
        checked={alteredMayReturn}
        disabled={!mayTune}
        onChange={(event) => setAlteredMayReturn(event.currentTarget.checked)}
      />
      {mayTune && (
        <div style={{ display: 'flex', gap: 8 }}>
          <Button loading={busy} onClick={() => void onSave()}>
            Save how we pull
          </Button>
          <Button
            variant="default"
            disabled={Object.keys(weights).length === 0}
            onClick={() => setSettings((now) => ({ ...now, weights: {} }))}
          >
            Back to defaults
          </Button>
        </div>
      )}
    </section>
  );
}
