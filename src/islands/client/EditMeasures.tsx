import type { ClientView } from '@contracts/client/client-view';
import { BODY_MEASURES, type BodyMeasure, girthsOfSize, type LengthUnit, USUAL_SIZES } from '@core/figure';
import { lengthText } from '@core/reading';
import { NativeSelect, SegmentedControl, Textarea } from '@mantine/core';
import type { UseFormReturnType } from '@mantine/form';
import { MeasureMap } from '@ui/BodyMap';
import { LengthField } from '@ui/LengthField';
import { useState } from 'react';
import type { EditValues } from './edit-values';
import { MEASURE_WORDS } from './measure-words';

interface Props {
  readonly view: ClientView;
  readonly form: UseFormReturnType<EditValues>;
  readonly unit: LengthUnit;
  readonly onUnit: (unit: LengthUnit) => void;
}

/** The measures in cm or inches, beside a figure that shows where the tape lies for the one being typed. */
export function EditMeasures({ view, form, unit, onUnit }: Props) {
  const [at, setAt] = useState<BodyMeasure>('heightMm');
  const estimate = (size: string): void => {
    const girths = girthsOfSize(size);
    if (!girths) return;
    const open = Object.entries(girths).filter(
      ([name]) => form.values.measures[name] === '' || form.values.estimated.includes(name),
    );
    for (const [name, mm] of open) form.setFieldValue(`measures.${name}`, lengthText(mm, unit));
    form.setFieldValue('estimated', [...new Set([...form.values.estimated, ...open.map(([name]) => name)])]);
  };
  return (
    <div className="edit-measures">
      <div className="edit-panel">
        <div className="edit-row">
          <SegmentedControl
            aria-label="Unit of the measures"
            data={['cm', 'in']}
            value={unit}
            onChange={(value) => onUnit(value as LengthUnit)}
          />
          <NativeSelect
            aria-label="Start from a usual size"
            data={[{ value: '', label: 'start from a size' }, ...USUAL_SIZES]}
            onChange={(event) => estimate(event.currentTarget.value)}
          />
        </div>
        <p className="small soft">What is left out is estimated from the rest and marked so.</p>
        <div className="edit-grid">
          {BODY_MEASURES.map((name) => (
            <LengthField
              key={name}
              size="xs"
              label={MEASURE_WORDS[name]}
              placeholder={estimated(view, name, unit)}
              unit={unit}
              isHeight={name === 'heightMm'}
              {...form.getInputProps(`measures.${name}`)}
              onFocus={() => setAt(name)}
              description={form.values.estimated.includes(name) ? 'from the size' : undefined}
              onKeyDown={() =>
                form.setFieldValue(
                  'estimated',
                  form.values.estimated.filter((each) => each !== name),
                )
              }
            />
          ))}
        </div>
        <Textarea
          label="Sizes by kind or label"
          description="One a line: boots 38, Lockgate tops M"
          autosize
          minRows={2}
          {...form.getInputProps('sizes')}
        />
      </div>
      <MeasureMap measures={view.given} measure={at} />
    </div>
  );
}

/** What the app takes meanwhile for a measure nobody gave. */
function estimated(view: ClientView, name: BodyMeasure, unit: LengthUnit): string {
  const found = view.body.find((each) => each.name === name);
  return found && found.origin !== 'given' ? `est. ${lengthText(found.mm, unit)}` : '';
}
