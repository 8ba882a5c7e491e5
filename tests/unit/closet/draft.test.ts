import { draftOf, inputOf } from '@islands/piece/draft';
import { storedAttributesSchema } from '@contracts/piece';
import { type GivenPiece, pieceFrom } from '@core/piece';
import { describe, expect, it } from 'vitest';

const given: GivenPiece = {
  id: 'owned:1',
  title: 'Cuff',
  category: 'bracelet',
  colours: [{ hex: '#c2a14e', share: 1 }],
  metal: 'yellow',
  metalContent: ['nickel'],
  material: 'metal',
  statement: 4,
  moods: ['earthy'],
  features: [{ zone: 'lower-arms', what: 'clasp' }],
  facts: { closure: 'hinge' },
  measures: { width: 46 },
  modes: [{ id: 'high', title: 'High on the arm', how: 'Push it up.', changes: {} }],
};

describe('a piece that is changed', () => {
  const flags = { assumed: true, loved: true, wornWeekly: false };
  const item = { id: '1', piece: pieceFrom({ ...given, owned: true }), version: 1, fromBox: false, ...flags };
  it('keeps what the form does not show: metal content for an allergy, measures, ways of wearing', () => {
    const { attributes, ...sent } = inputOf(draftOf(item));
    expect(storedAttributesSchema.parse(JSON.parse(JSON.stringify(attributes)))).toMatchObject({
      metal: 'yellow',
      metalContent: ['nickel'],
      material: 'metal',
      statement: 4,
      moods: ['earthy'],
      features: given.features,
      facts: { closure: 'hinge' },
      measures: { width: 46 },
      modes: given.modes,
    });
    expect(sent).toMatchObject({ id: '1', title: 'Cuff', category: 'bracelet', ...flags });
  });
});
