/**
 * Remembers the answer of a pure function for an object, as long as that object lives. Core's data is
 * never changed in place, so the same object always means the same answer.
 */
export function memo<K extends object, V>(work: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, V>();
  return (key) => {
    const before = known.get(key);
    if (before !== undefined) return before;
    const found = work(key);
    known.set(key, found);
    return found;
  };
}

/** The same for two objects. */
export function memo2<A extends object, B extends object, V>(work: (a: A, b: B) => V): (a: A, b: B) => V {
  const known = memo((_a: A) => new WeakMap<B, V>());
  return (a, b) => {
    const row = known(a);
    const before = row.get(b);
    if (before !== undefined) return before;
    const found = work(a, b);
    row.set(b, found);
    return found;
  };
}

/** The same for a name or a number out of few: a currency, a time zone, the height of a heel. */
export function memoNamed<V, N extends string | number = string>(work: (name: N) => V): (name: N) => V {
  const known = new Map<N, V>();
  return (name) => {
    const before = known.get(name);
    if (before !== undefined) return before;
    const found = work(name);
    known.set(name, found);
    return found;
  };
}

/** So many texts are remembered before all are forgotten: whoever writes them writes new ones. */
const MOST_TEXTS = 2000;

/** The same for a text that people write: what is remembered is bounded. */
export function memoByText<V>(work: (text: string) => V): (text: string) => V {
  const known = new Map<string, V>();
  return (text) => {
    const before = known.get(text);
    if (before !== undefined) return before;
    if (known.size > MOST_TEXTS) known.clear();
    const found = work(text);
    known.set(text, found);
    return found;
  };
}
