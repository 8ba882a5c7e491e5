/** "42 %" of a share. */
export const percent = (share: number): string => `${Math.round(share * 100)} %`;
