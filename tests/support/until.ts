/** Resolves once a state is there, looking again and again; rejects with what was waited for after a minute. */
export async function until(
  what: string,
  isThere: () => boolean | Promise<boolean>,
  mostMs = 60_000,
): Promise<void> {
  const end = Date.now() + mostMs;
  while (!(await isThere())) {
    if (Date.now() > end) throw new Error(`waited in vain for: ${what}`);
    await new Promise((done) => setTimeout(done, 20));
  }
}
