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
