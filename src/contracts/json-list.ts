/**
 * The list in a JSON text, bare or under a name as our own files write it; or what is wrong with it.
 * `format` is named to whoever brings another kind of file.
 */
export function jsonList(
  text: string,
  name: string,
  format: string,
): { readonly list: readonly unknown[] } | { readonly fault: string } {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { fault: 'not JSON' };
  }
  const list = Array.isArray(value) ? value : (value as Record<string, unknown> | null)?.[name];
  return Array.isArray(list) ? { list } : { fault: `a list of ${name} is wanted, as ${format} writes it` };
}
