import { bodyOf, coverOn, hemsOf, landmarksOf } from '../figure';
import { type Piece, wear } from '../piece';
import type { Given } from '../rules/reads';
import type { Scene } from '../rules/scene';
import { areasOf, layersOf } from '../sketch';
import { HOUSE_SCHOOLS, NOBODY, type Profile, type Schools, schoolsFor } from '../client';
import type { Budget, Occasion } from '../occasion';

/** For whom, for what and by which lights a look is judged. */
export interface Setting {
  readonly client?: Profile | undefined;
  readonly occasion?: Occasion | undefined;
  readonly schools?: Partial<Schools> | undefined;
  readonly shopSchools?: Schools | undefined;
  readonly budget?: Budget | undefined;
}

/** What a setting comes to for every look that is judged in it. */
export function givenOf(setting: Setting): Given {
  const client = setting.client ?? NOBODY;
  const body = bodyOf(client.measures);
  return {
    body,
    marks: landmarksOf(body),
    client,
    occasion: setting.occasion,
    schools: schoolsFor(client, setting.schools, setting.shopSchools ?? HOUSE_SCHOOLS),
    budget: setting.budget,
    coverOf: (worn) => coverOn(worn, body),
  };
}

/** Prepares what the rules look at: pieces worn, areas on the raster, hems, cover. */
export function sceneOf(pieces: readonly Piece[], setting: Setting): Scene {
  const { coverOf, ...given } = givenOf(setting);
  const worn = pieces.map(wear);
  return {
    ...given,
    pieces: worn,
    areas: areasOf(layersOf(worn, given.body)),
    hems: hemsOf(worn, given.body),
    cover: new Map(worn.map((piece) => [piece.piece.id, coverOf(piece)])),
  };
}
