import type { ShopView } from '@contracts/shop/shop-view';
import { type English, type LengthUnit, lengthIn, spelt, type Tongue } from '@core/words';
import { Button, Radio, Stack } from '@mantine/core';
import { useMergedSave } from '@ui/useMergedSave';
import { useState } from 'react';

interface Props {
  readonly shop: ShopView;
  readonly version: number;
  readonly mayTune: boolean;
  readonly onSaved: (version: number) => void;
}

const ENGLISH_WORDS: Readonly<Record<English, string>> = {
  british: 'British: trousers, jumper, waistcoat, colour',
  american: 'American: pants, sweater, vest, color',
};
const UNIT_WORDS: Readonly<Record<LengthUnit, string>> = {
  cm: 'Centimetres, degrees Celsius',
  in: 'Inches, degrees Fahrenheit',
};

/** Which English findings, letters and files speak, and how lengths are shown. */
export function LanguagePanel({ shop, version, mayTune, onSaved }: Props) {
  const [tongue, setTongue] = useState<Tongue>(shop.tongue);
  const { saved, busy, save } = useMergedSave<Tongue>('save-tongue', shop.tongue, { show: setTongue });
  const dirty = tongue.english !== saved.english || tongue.units !== saved.units;
  const onSave = async (): Promise<void> => {
    const kept = await save(version, tongue, 'The language is saved.');
    if (kept) onSaved(kept.version);
  };
  return (
    <section className="sheet pulling" aria-label="Language">
      <h2>Language</h2>
      <p className="small soft">
        Findings, letters and files speak it: “Take the {spelt('trousers', tongue)} up {lengthIn(25, tongue)}
        .”
      </p>
      <Radio.Group
        label="English"
        value={tongue.english}
        onChange={(value) => setTongue((now) => ({ ...now, english: value as English }))}
      >
        <Stack gap={6} mt={6}>
          {(Object.keys(ENGLISH_WORDS) as English[]).map((each) => (
            <Radio key={each} value={each} label={ENGLISH_WORDS[each]} disabled={!mayTune} />
          ))}
        </Stack>
      </Radio.Group>
      <Radio.Group
        label="Lengths and temperatures"
        value={tongue.units}
        onChange={(value) => setTongue((now) => ({ ...now, units: value as LengthUnit }))}
      >
        <Stack gap={6} mt={6}>
          {(Object.keys(UNIT_WORDS) as LengthUnit[]).map((each) => (
            <Radio key={each} value={each} label={spelt(UNIT_WORDS[each], tongue)} disabled={!mayTune} />
          ))}
        </Stack>
      </Radio.Group>
      {mayTune && (
        <div>
          <Button disabled={!dirty} loading={busy} onClick={() => void onSave()}>
            Save the language
          </Button>
        </div>
      )}
    </section>
  );
}
