import { type Dispatch, type SetStateAction, useState } from 'react';

/** State of a part that follows where it came from: when the page brings a newer one, that is taken over. */
export function useFollowing<T>(source: T): [T, Dispatch<SetStateAction<T>>] {
  const [from, setFrom] = useState(source);
  const [value, setValue] = useState(source);
  if (from !== source) {
    setFrom(source);
    setValue(source);
  }
  return [value, setValue];
}
