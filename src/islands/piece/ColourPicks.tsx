import { colourNames } from '@core/colour';
import { colourCalled } from '@ui/called';
import './piece.css';

interface Props {
  readonly label: string;
  readonly hexes: readonly string[];
  readonly onChange: (hexes: string[]) => void;
}

/** Colours of a card, tapped; those that are on it and have no place among the usual ones come first. */
export function ColourPicks({ label, hexes, onChange }: Props) {
  const usual = colourNames.map(({ hex }) => hex);
  const own = hexes.filter((hex) => !usual.includes(hex));
  return (
    <div>
      <div className="small">{label}</div>
      <div className="colour-picks" role="group" aria-label={label}>
        {[...own, ...usual].map((hex) => (
          <button
            key={hex}
            type="button"
            style={{ background: hex }}
            title={colourCalled(hex)}
            aria-label={`${colourCalled(hex)} ${hex}`}
            aria-pressed={hexes.includes(hex)}
            onClick={() =>
              onChange(hexes.includes(hex) ? hexes.filter((each) => each !== hex) : [...hexes, hex])
            }
          />
        ))}
      </div>
    </div>
  );
}
