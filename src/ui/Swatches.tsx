import { colourCalled } from './called';

/** Colours as dots with their names for those who do not see them apart. */
export function Swatches({ hexes }: { readonly hexes: readonly string[] }) {
  return (
    <span style={{ display: 'inline-flex', gap: 4, flexWrap: 'wrap' }}>
      {hexes.map((hex) => (
        <span
          key={hex}
          title={colourCalled(hex)}
          style={{ display: 'inline-flex', gap: 3, alignItems: 'center' }}
        >
          <span className="swatch" style={{ background: hex }} />
          <span className="small">{colourCalled(hex)}</span>
        </span>
      ))}
    </span>
  );
}
