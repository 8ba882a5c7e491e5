/** Answers of the server: what a screen is given. Plain data, JSON all through. */

export type * from './shop';
export type * from './client';
export type * from './stock';
export type * from './box';
export type * from './pull';
