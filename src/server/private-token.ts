import { createHash, randomBytes } from 'node:crypto';

/** 256 bits: nobody guesses it. */
const TOKEN_BYTES = 32;

/** The secret of a private link: answered once, and kept only as its hash. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url');

export const tokenHash = (token: string): string => createHash('sha256').update(token).digest('hex');
