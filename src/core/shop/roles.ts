export const ROLES = ['owner', 'stylist', 'packer'] as const;
export type Role = (typeof ROLES)[number];
