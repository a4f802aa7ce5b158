import { useHotkeys, useLocalStorage } from '@mantine/hooks';

/** A key, and what it does. */
export type Key = readonly [key: string, run: () => void];

/** Of these inputs a letter is no text. */
const NO_TEXT = ['radio', 'checkbox', 'range', 'button', 'submit', 'file'];

/**
 * Whether what has the focus takes letters for itself: a field, a list that is searched by typing, a cell of a
 * sheet.
 */
const takesLetters = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement ||
    target.closest('[role="gridcell"]') !== null ||
    (target instanceof HTMLInputElement && !NO_TEXT.includes(target.type)));

/** A dialog or a menu has the keys for itself as long as it is open. */
const isElsewhere = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest('[role="dialog"], [role="menu"], [role="listbox"]') !== null;

const hasModifier = (key: string): boolean => key.includes('+') && !key.startsWith('shift+');
const isLetter = (key: string): boolean => !hasModifier(key) && key !== 'Escape';

/** Whether single letters are keys in this browser, and the way to switch them. */
export const useLetters = (): [boolean, (on: boolean) => void] => {
  const [on, set] = useLocalStorage({
    key: 'baros-letters',
    defaultValue: true,
    getInitialValueInEffect: false,
  });
  return [on, set];
};

/** Keys of a screen: wherever the focus is, but in a field, where only those with Ctrl work; letters as long as they are on. */
export function useKeys(keys: readonly Key[]): void {
  const [letters] = useLetters();
  useHotkeys(
    keys
      .filter(([key]) => letters || !isLetter(key))
      .map(([key, run]) => [
        key,
        (event: KeyboardEvent) => {
          const { target } = event;
          if (isElsewhere(target) || (!key.startsWith('mod+') && takesLetters(target))) return;
          event.preventDefault();
          run();
        },
        { preventDefault: false },
      ]),
    [],
  );
}
