import type { BoxView } from '@contracts/box/box-view';
import type { Opened } from '@core/box-rules';
import type { Piece } from '@core/piece';
import type { Speaker } from '@core/say';
import { listed } from '@core/words';
import { useInViewport } from '@mantine/hooks';
import { Figure } from '@ui/Figure';
import { useMemo } from 'react';

interface Props {
  readonly piece: Piece;
  readonly best: Opened['best'];
  readonly view: BoxView;
}

/** Pieces of the look that shows a candidate best, the candidate among them. */
function usePieces(piece: Piece, best: Opened['best'], { lines, owned }: BoxView): readonly Piece[] {
  return useMemo(() => {
    const all = new Map([piece, ...lines.map((line) => line.piece), ...owned].map((each) => [each.id, each]));
    return (best?.pieces ?? []).flatMap((id) => all.get(id) ?? []);
  }, [piece, best, lines, owned]);
}

/** A candidate worn with what the client owns and what is in the box, small on her figure; drawn once it is scrolled to. */
export function WornOnHer({ piece, best, view }: Props) {
  const { ref, inViewport } = useInViewport<HTMLSpanElement>();
  const pieces = usePieces(piece, best, view);
  return (
    <span ref={ref} className="stage pull-worn" aria-hidden>
      {inViewport && pieces.length > 0 && (
        <Figure pieces={pieces} client={view.client.profile} height={96} title={piece.title} decorative />
      )}
    </span>
  );
}

/** "with her grey trousers and brown loafers, for the wedding": what it joins in that look. */
export function JoinedWords({ piece, best, view, by }: Props & { readonly by: Speaker }) {
  const pieces = usePieces(piece, best, view);
  const { bare, tongue, client } = by;
  const others = pieces.filter(({ id }) => id !== piece.id);
  const own = others.filter(({ owned }) => owned).map(({ id }) => bare(id));
  const held = others.filter(({ owned }) => !owned).map(({ id }) => `the ${bare(id)}`);
  if (others.length === 0) return null;
  const [first, ...rest] = own;
  const words = [...(first === undefined ? [] : [`${client.whose} ${first}`, ...rest]), ...held];
  return (
    <>
      with {listed(words, tongue.english)}
      {best?.occasion && view.occasionIds.length > 1 ? `, for ${best.occasion}` : ''}
    </>
  );
}
