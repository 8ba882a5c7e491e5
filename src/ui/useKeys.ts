import { type HotkeyItem, useHotkeys } from '@mantine/hooks';

/** Keys that a tick box needs for itself, and a row of choices. */
const OWN_KEYS = {
  checkbox: [' ', 'Enter', 'Tab'],
  radio: [' ', 'Enter', 'Tab', 'ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'],
};

/** True where a key goes into the field that has the keyboard. */
function isTyped({ target, key }: KeyboardEvent): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement && (target.type === 'checkbox' || target.type === 'radio'))
    return OWN_KEYS[target.type].includes(key);
  return target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName);
}

/** The keys of a page. They wait while somebody types, unless `whileTyping`; a tick box that was just pressed does not stop them. */
export function useKeys(keys: readonly HotkeyItem[], whileTyping = false): void {
  useHotkeys(
    keys.map(([key, run, options]): HotkeyItem => [
      key,
      (event) => {
        if (!whileTyping && isTyped(event)) return;
        if (options?.preventDefault !== false) event.preventDefault();
        run(event);
      },
      { preventDefault: false },
    ]),
    [],
    true,
  );
}
