import { createCipheriv, createDecipheriv, hkdfSync, randomBytes } from 'node:crypto';

/** AES-256-GCM (NIST SP 800-38D): 96 bits of nonce, 128 of tag. */
const ALGORITHM = 'aes-256-gcm';
const NONCE_BYTES = 12;
const TAG_BYTES = 16;

/** A key of its own, made from the secret of the sign-in (HKDF, RFC 5869): a backup alone opens nothing. */
function keyOf(): Buffer {
  const secret = process.env.AUTH_SECRET;
  if (!secret) throw new Error('AUTH_SECRET is wanted');
  return Buffer.from(hkdfSync('sha256', secret, '', 'outbox', 32));
}

/** A text only this shop's servers read again. */
export function seal(text: string): string {
  const nonce = randomBytes(NONCE_BYTES);
  const cipher = createCipheriv(ALGORITHM, keyOf(), nonce);
  const body = Buffer.concat([cipher.update(text, 'utf8'), cipher.final()]);
  return Buffer.concat([nonce, cipher.getAuthTag(), body]).toString('base64');
}

/** The text, or undefined for one that was sealed with another secret or changed since. */
export function unseal(sealed: string): string | undefined {
  const all = Buffer.from(sealed, 'base64');
  if (all.length <= NONCE_BYTES + TAG_BYTES) return undefined;
  try {
    const cipher = createDecipheriv(ALGORITHM, keyOf(), all.subarray(0, NONCE_BYTES));
    cipher.setAuthTag(all.subarray(NONCE_BYTES, NONCE_BYTES + TAG_BYTES));
    return Buffer.concat([cipher.update(all.subarray(NONCE_BYTES + TAG_BYTES)), cipher.final()]).toString(
      'utf8',
    );
  } catch {
    return undefined;
  }
}
