/** Largest photo taken, bytes. */
export const PHOTO_MOST_BYTES = 15_000_000;
/** Largest request that carries one: base64 makes four signs of three bytes, and the rest is small. */
export const PHOTO_BODY_BYTES = 21_000_000;
