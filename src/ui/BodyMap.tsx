import { type BodyMeasure, bodyOf, frameOf, guideOf, zonePath } from '@core/figure';
import type { Profile } from '@core/client';
import { svgPath } from '@core/path';
import { type Zone, ZONES } from '@core/piece';
import { figureDrawing, svgItems } from '@core/sketch';
import { Chip } from '@mantine/core';
import { useMemo } from 'react';

interface Props {
  readonly measures: Profile['measures'];
  readonly height?: number;
}

function useBody(measures: Profile['measures']) {
  return useMemo(() => {
    const body = bodyOf(measures);
    const drawing = figureDrawing([], body);
    return { frame: frameOf(body, false), drawing, html: { __html: svgItems(drawing.items, 'map') } };
  }, [measures]);
}

/** The figure with the tape where the measure being asked for is taken. */
export function MeasureMap({ measures, measure, height = 300 }: Props & { readonly measure: BodyMeasure }) {
  const { frame, drawing, html } = useBody(measures);
  const { path, how } = guideOf(frame, measure);
  const { x, y, w, h } = drawing.box;
  return (
    <figure className="stage body-map">
      <svg viewBox={`${x} ${y} ${w} ${h}`} height={height} aria-hidden>
        <g dangerouslySetInnerHTML={html} />
        <path d={svgPath(path)} fill="none" stroke="#9a2a27" strokeWidth={13} strokeLinecap="round" />
      </svg>
      <figcaption aria-live="polite">{how}</figcaption>
    </figure>
  );
}

interface ZonesProps extends Props {
  readonly label: string;
  readonly zones: readonly Zone[];
  readonly onChange: (zones: Zone[]) => void;
}

/** Zones tapped on the figure; the same as chips, for whoever does not point. */
export function ZoneMap({ measures, zones, onChange, label, height = 250 }: ZonesProps) {
  const { frame, drawing, html } = useBody(measures);
  const { x, y, w, h } = drawing.box;
  const toggle = (zone: Zone): void =>
    onChange(zones.includes(zone) ? zones.filter((each) => each !== zone) : [...zones, zone]);
  return (
    <div className="zone-map">
      <span className="stage">
        <svg viewBox={`${x} ${y} ${w} ${h}`} height={height} aria-hidden>
          <g dangerouslySetInnerHTML={html} />
          {ZONES.map((zone) => (
            <path
              key={zone}
              d={svgPath(zonePath(frame, zone))}
              className={zones.includes(zone) ? 'zone zone-on' : 'zone'}
              onClick={() => toggle(zone)}
            >
              <title>{zone}</title>
            </path>
          ))}
        </svg>
      </span>
      <Chip.Group multiple value={[...zones]} onChange={(value) => onChange(value as Zone[])}>
        <div className="zone-chips" role="group" aria-label={label}>
          {ZONES.map((zone) => (
            <Chip key={zone} value={zone} size="xs">
              {zone.replace('-', ' ')}
            </Chip>
          ))}
        </div>
      </Chip.Group>
    </div>
  );
}
