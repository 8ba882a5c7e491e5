declare module '@freesewing/models' {
  /** Measures of each size in mm. */
  type Sizes = Readonly<Record<string, Readonly<Record<string, number>>>>;
  export const cisFemaleAdult: Sizes;
  export const cisMaleAdult: Sizes;
}
