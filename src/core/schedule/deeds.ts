/** What is lost when a deed is late, the worst first. */
export const STAKES = ['occasion', 'promise', 'pieces', 'stock', 'money and stock', 'money'] as const;
export type Stake = (typeof STAKES)[number];

/** What somebody has to do; the nearer to the parcel, the more urgent of two on one day. */
export const DEEDS = ['send', 'pack', 'style', 'renew', 'check-in', 'ask', 'close'] as const;
export type Deed = (typeof DEEDS)[number];
