import { memo2 } from '../memo';
import { measure, type Worn, type Zone } from '../piece';
import type { Body } from './body';
import { hemHeight } from './hems';
import { landmarksOf } from './landmarks';

/**
 * Zones a worn piece covers on this body: the piece's own claim, put right by where its hem and its
 * sleeve really fall. A measure nobody took changes nothing.
 */
export const coverOn = memo2(coverFrom);

function coverFrom(worn: Worn, body: Body): ReadonlySet<Zone> {
  const zones = new Set(worn.covers);
  if (worn.piece.covers) return zones;
  const marks = landmarksOf(body);
  const length = measure(worn, 'length') ?? measure(worn, 'inseam');
  const hem = hemHeight(worn, marks);
  const hangs =
    worn.facts.shape === 'whole' ||
    worn.facts.shape === 'lower' ||
    (worn.facts.slot === 'layer' && worn.facts.shape === 'upper');
  if (hangs && hem !== undefined && length && length.origin !== 'defaulted') {
    const steps: readonly (readonly [Zone, number])[] = [
      ['seat', marks.crotch + 20],
      ['thighs', marks.knee + 90],
      ['knees', marks.knee - 55],
      ['calves', marks.calf - 60],
      ['ankles', marks.ankle + 30],
    ];
    // Only the zones the category reaches from above: a jacket over the waist covers no seat by hanging.
    for (const [zone, at] of steps) {
      if (hem > at) zones.delete(zone);
      else if (!worn.halfCovers.has(zone) && worn.piece.fabric.sheer === 'opaque') zones.add(zone);
    }
  }
  const sleeve = measure(worn, 'sleeve');
  if (zones.has('lower-arms') && sleeve && sleeve.origin !== 'defaulted' && sleeve.mm < body.armLength - 40) {
    zones.delete('lower-arms');
  }
  return zones;
}
