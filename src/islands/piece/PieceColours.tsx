import { spell } from '@ui/tongue';
import { colourCalled } from '@ui/called';
import { ColourPicks } from './ColourPicks';
import type { PartProps } from './draft';

/** Shares of one, two and three colours picked by hand: the first one leads. */
const SHARES = [[1], [0.65, 0.35], [0.6, 0.25, 0.15]] as const;

/** Up to three colours of a piece, the leading one first. The last of them cannot be taken off. */
export function PieceColours({ draft, onChange }: PartProps) {
  const take = (hexes: readonly string[]): void => {
    if (hexes.length === 0) return;
    const after = hexes.slice(-SHARES.length);
    const shares = SHARES[after.length - 1] ?? SHARES[0];
    onChange((now) => ({ ...now, colours: after.map((hex, i) => ({ hex, share: shares[i] ?? 0 })) }));
  };
  return (
    <div>
      <ColourPicks
        label={spell('Colours, up to three')}
        hexes={draft.colours.map(({ hex }) => hex)}
        onChange={take}
      />
      <p className="small soft">
        {draft.colours
          .map(({ hex, share }) => `${colourCalled(hex)} ${Math.round(share * 100)} %`)
          .join(', ')}
      </p>
    </div>
  );
}
