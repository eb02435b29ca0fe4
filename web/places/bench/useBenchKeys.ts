import { useEffect } from 'react';

/** What has arrow keys of its own, and what has the space bar. */
const OWN_ARROWS = ['input', '[role=slider]'];
const OWN_KEYS = [...OWN_ARROWS, 'button', 'a', 'select', 'textarea', 'summary'];

/**
 * Both hands are busy: space, the arrows or a pedal that sends them go on and back, and so does a knuckle anywhere on what is to be
 * weighed, wherever nothing else takes them.
 */
export function useBenchKeys(take: () => void, back: () => void): void {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const at = e.target as HTMLElement;
      const arrow = e.key === 'ArrowLeft' || e.key === 'ArrowRight';
      const theirs = (arrow ? OWN_ARROWS : OWN_KEYS).join();
      if (at.closest(theirs)) return;
      if (e.key === ' ' || e.key === 'ArrowRight' || e.key === 'Enter') {
        e.preventDefault();
        take();
      } else if (e.key === 'ArrowLeft') {
        e.preventDefault();
        back();
      }
    };
    const tap = (e: MouseEvent) => {
      const at = e.target as HTMLElement;
      // A text that is being marked is no tap.
      if (window.getSelection()?.toString()) return;
      if (at.closest('[data-tap]') && !at.closest('button, a, input, label, summary, select, textarea'))
        take();
    };
    window.addEventListener('keydown', press);
    window.addEventListener('click', tap);
    return () => {
      window.removeEventListener('keydown', press);
      window.removeEventListener('click', tap);
    };
  }, [take, back]);
}
