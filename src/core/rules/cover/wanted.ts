import type { Profile } from '../../client';
import { memo } from '../../memo';
import type { Zone } from '../../piece';
import { zonesNamed } from '../../reading';

type Covering = Pick<Profile, 'cover' | 'nevers'>;

/** What a client keeps covered: as it was tapped on the figure, and as a never says it: "bare arms", "showing my knees". */
export const coverWanted = memo(({ cover, nevers }: Covering): readonly Zone[] => [
  ...new Set([...cover, ...nevers.flatMap(zonesNamed)]),
]);
