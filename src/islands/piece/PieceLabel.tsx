import { fibreWords } from '@contracts/piece-cells';
import { compositionOf } from '@core/substances';
import { CARES, IRONINGS, DEPARTMENTS, FINISHES, METALS, SHEERS, WEIGHTS } from '@core/piece';
import { Checkbox, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { PartProps, PieceDraft } from './draft';

type Attributes = PieceDraft['attributes'];

/** What the care label and the eye say of a piece: fibres, care, cloth, how dressed up it is. */
export function PieceLabel({ draft, onChange }: PartProps) {
  const { attributes } = draft;
  const [fastensTo, setFastensTo] = useState(attributes.fastensTo?.join(', ') ?? '');
  const [fibres, setFibres] = useState(fibreWords(attributes.fabric?.fibres ?? []));
  const set = (part: Attributes): void => onChange((now) => ({ attributes: { ...now.attributes, ...part } }));
  const setCloth = (part: Attributes['fabric']): void =>
    onChange((now) => ({
      attributes: { ...now.attributes, fabric: { ...now.attributes.fabric, ...part } },
    }));
  const select = <W extends string>(
    label: string,
    words: readonly W[],
    value: W | undefined,
    take: (value: W | undefined) => void,
  ) => (
    <NativeSelect
      size="xs"
      label={label}
      data={[{ value: '', label: 'as usual for this kind' }, ...words]}
      value={value ?? ''}
      onChange={(event) => take(words.find((word) => word === event.currentTarget.value))}
    />
  );
  const number = (
    label: string,
    most: number,
    value: number | undefined,
    take: (value: number | undefined) => void,
  ) => (
    <NumberInput
      size="xs"
      label={label}
      min={0}
      max={most}
      placeholder="as usual"
      value={value ?? ''}
      onChange={(typed) => take(typed === '' ? undefined : Number(typed))}
    />
  );
  return (
    <div className="piece-details">
      <TextInput
        size="xs"
        label="Fibres"
        placeholder="80 wool; 20 nylon"
        value={fibres}
        onChange={(event) => setFibres(event.currentTarget.value)}
        onBlur={() => setCloth({ fibres: fibres.trim() === '' ? undefined : compositionOf(fibres) })}
      />
      {select('Care', CARES, attributes.care, (care) => set({ care }))}
      {select('Ironing', IRONINGS, attributes.ironing, (ironing) => set({ ironing }))}
      {select('For', DEPARTMENTS, attributes.department, (department) => set({ department }))}
      {select('Finish', FINISHES, attributes.fabric?.finish, (finish) => setCloth({ finish }))}
      {select('Weight', WEIGHTS, attributes.fabric?.weight, (weight) => setCloth({ weight }))}
      {select('Sheer', SHEERS, attributes.fabric?.sheer, (sheer) => setCloth({ sheer }))}
      {number('Stretch, %', 100, attributes.fabric?.stretchPct, (stretchPct) => setCloth({ stretchPct }))}
      <TextInput
        size="xs"
        label="Fastens to, style codes"
        placeholder="for a strap or collar sold alone"
        value={fastensTo}
        onChange={(event) => setFastensTo(event.currentTarget.value)}
        onBlur={() => {
          const codes = fastensTo
            .split(/[\s,;]+/)
            .filter(Boolean)
            .slice(0, 20);
          set({ fastensTo: codes.length > 0 ? codes : undefined });
        }}
      />
      {select('Metal', METALS, attributes.metal, (metal) => set({ metal }))}
      {number('Dressed up, 0 to 10', 10, draft.formality, (formality) => onChange(() => ({ formality })))}
      {number('How eye-catching, 0 to 5', 5, attributes.statement, (statement) => set({ statement }))}
      <Checkbox
        size="xs"
        label="lined"
        checked={attributes.fabric?.lined ?? false}
        onChange={(event) => setCloth({ lined: event.currentTarget.checked })}
      />
    </div>
  );
}
