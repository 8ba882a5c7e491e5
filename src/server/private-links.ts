import { spend } from './limits';
import { Refusal } from './problem';

export const LINK_GONE = 'This link does not work any more. Please ask your stylist for a new one.';

/** What a token may look like: 256 bits in base64url. */
export const isToken = (text: string): boolean => /^[\w-]{43}$/.test(text);

const GUESSES_MOST = 8;

/** Finds what a token opens; wrong tokens of an address are counted, so that nobody tries them by the thousand. */
export async function counted<T>(address: string, find: () => Promise<T>): Promise<T> {
  try {
    return await find();
  } catch (error) {
    if (error instanceof Refusal && (await spend('link', address)) > GUESSES_MOST)
      throw new Refusal(429, 'Too many tries. Please wait ten minutes.');
    throw error;
  }
}
