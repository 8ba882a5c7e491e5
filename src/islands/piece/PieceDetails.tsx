import {
  CATEGORY,
  LEGS,
  NECKLINES,
  PATTERN_KINDS,
  RISES,
  SILHOUETTES,
  SLEEVES,
  TEXTURES,
  TOES,
  VOLUMES,
} from '@core/piece';
import { NativeSelect } from '@mantine/core';
import type { PartProps } from './draft';

/** The details that make sense for this kind of piece. */
export function PieceDetails({ draft, onChange }: PartProps) {
  const { shape, legs, skirted } = CATEGORY[draft.category];
  const { cut = {}, fabric = {}, pattern } = draft.attributes;
  const isUpper = shape === 'upper' || shape === 'whole';
  const setCut = (key: keyof typeof cut, value: string): void =>
    onChange((now) => ({
      ...now,
      attributes: { ...now.attributes, cut: { ...now.attributes.cut, [key]: value || undefined } },
    }));
  const select = (
    label: string,
    words: readonly string[],
    value: string | undefined,
    set: (value: string) => void,
  ) => (
    <NativeSelect
      key={label}
      size="xs"
      label={label}
      data={[{ value: '', label: 'as usual for this kind' }, ...words]}
      value={value ?? ''}
      onChange={(event) => set(event.currentTarget.value)}
    />
  );
  return (
    <div className="piece-details">
      {isUpper && select('Neckline', NECKLINES, cut.neckline, (value) => setCut('neckline', value))}
      {isUpper && select('Sleeve', SLEEVES, cut.sleeve, (value) => setCut('sleeve', value))}
      {legs && select('Leg', LEGS, cut.leg, (value) => setCut('leg', value))}
      {shape === 'lower' && select('Rise', RISES, cut.rise, (value) => setCut('rise', value))}
      {skirted && select('Silhouette', SILHOUETTES, cut.silhouette, (value) => setCut('silhouette', value))}
      {shape === 'shoe' && select('Toe', TOES, cut.toe, (value) => setCut('toe', value))}
      {select('Cloth', TEXTURES, fabric.texture, (value) =>
        onChange((now) => ({
          ...now,
          attributes: {
            ...now.attributes,
            fabric: { ...now.attributes.fabric, texture: (value || 'smooth') as (typeof TEXTURES)[number] },
          },
        })),
      )}
      {select('Pattern', PATTERN_KINDS, pattern?.kind, (value) =>
        onChange((now) => ({
          ...now,
          attributes: {
            ...now.attributes,
            pattern: value
              ? {
                  repeatMm: 40,
                  contrast: 0.5,
                  ...now.attributes.pattern,
                  kind: value as (typeof PATTERN_KINDS)[number],
                }
              : undefined,
          },
        })),
      )}
      {select('Volume', VOLUMES, draft.attributes.volume, (value) =>
        onChange((now) => ({
          ...now,
          attributes: {
            ...now.attributes,
            volume: (value || undefined) as (typeof VOLUMES)[number] | undefined,
          },
        })),
      )}
    </div>
  );
}
