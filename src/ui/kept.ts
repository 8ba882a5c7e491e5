/** What a tab keeps of a page while it is loaded again; undefined where there is nothing, or a browser keeps nothing. */
export function keptIn<T>(key: string): T | undefined {
  try {
    const text = sessionStorage.getItem(key);
    return text ? (JSON.parse(text) as T) : undefined;
  } catch {
    // A browser that keeps nothing, or something else under that name: the page begins as it was saved.
    return undefined;
  }
}

/** Keeps it in this tab alone, so that two tabs do not meet; with nothing to keep, what was kept goes. */
export function keepIn(key: string, kept: unknown): void {
  try {
    if (kept === undefined) sessionStorage.removeItem(key);
    else sessionStorage.setItem(key, JSON.stringify(kept));
  } catch {
    // Full or forbidden: the page goes on without it.
  }
}
