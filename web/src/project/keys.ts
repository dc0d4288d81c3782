import { useEffect } from 'react';

export interface KeyBinding {
  /** As it is shown: "Alt ←", "Ctrl Z". */
  shown: string;
  does: string;
  when: (event: KeyboardEvent) => boolean;
  run: () => void;
}

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    /^(TEXTAREA|SELECT)$/.test(target.tagName) ||
    (target instanceof HTMLInputElement && !/^(radio|checkbox|button)$/.test(target.type)));

/** Runs the first binding that fits; keys typed into a field are left alone. */
export function useKeys(bindings: KeyBinding[]): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || document.querySelector('.ant-modal-wrap:not([style*="display: none"])'))
        return;
      const binding = bindings.find((one) => one.when(event));
      if (binding) {
        event.preventDefault();
        binding.run();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [bindings]);
}

export const pressed =
  (key: string, { ctrl = false, alt = false, shift = false } = {}) =>
  (event: KeyboardEvent): boolean =>
    event.key.toLowerCase() === key.toLowerCase() &&
    (event.ctrlKey || event.metaKey) === ctrl &&
    event.altKey === alt &&
    event.shiftKey === shift;
