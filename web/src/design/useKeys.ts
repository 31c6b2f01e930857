import { useEffect } from 'react';
import { useLatest } from './useLatest';

/** Whoever is in one of these types into it; in a radio button nobody does. */
const TYPED_INTO = 'textarea, input:not([type=radio]), [contenteditable], [role=listbox], [role=dialog]';

const isTyping = (event: KeyboardEvent) => event.target instanceof Element && event.target.closest(TYPED_INTO) !== null;

/** Letters are small; `mod+` stands before what is pressed with Ctrl or Command, `alt+` with Alt, `shift+` with both Shift and one of these. */
function nameOf(event: KeyboardEvent): string {
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const held = `${event.ctrlKey || event.metaKey ? 'mod+' : ''}${event.altKey ? 'alt+' : ''}`;
  return `${held}${held && event.shiftKey ? 'shift+' : ''}${key}`;
}

/**
 * Keys of a whole place, wherever in it they are pressed; while someone types, only where `always` says so.
 * `act` says whether it did something with a key: then the browser does nothing with it.
 */
export function useKeys(act: (key: string, event: KeyboardEvent) => boolean, always = false) {
  const onKey = useLatest((event: KeyboardEvent) => {
    if ((always || !isTyping(event)) && act(nameOf(event), event)) {
      event.preventDefault();
    }
  });
  useEffect(() => {
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onKey]);
}
