export const ROLES = ['owner', 'stylist', 'packer'] as const;
export type Role = (typeof ROLES)[number];

/** What each role is for, in words. */
export const ROLE_WORDS: Readonly<Record<Role, string>> = {
  owner: 'Owner: everything, with people and money',
  stylist: 'Stylist: clients, stock and boxes',
  packer: 'Packer: stock and parcels, nothing of clients',
};

export const LOCATION_KINDS = ['shop floor', 'back room'] as const;
export type LocationKind = (typeof LOCATION_KINDS)[number];

/** What a shop prints on: ISO A4, or US Letter. */
export const PAPERS = ['a4', 'letter'] as const;
export type Paper = (typeof PAPERS)[number];

/** A shop's card terminal: none, so that what was paid is noted; or one that is only played, to learn and to show. */
export const TERMINALS = ['none', 'simulated'] as const;
export type Terminal = (typeof TERMINALS)[number];
