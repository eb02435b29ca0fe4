import { useLayoutEffect, useRef, type RefObject } from 'react';

/**
 * Keeps a thing where it is on the screen while it is pointed at or has the focus: when an answer arrives and what stands above
 * it grows or shrinks, the page is scrolled by as much. What scrolls it must not be anchored by the browser as well
 * (`overflow-anchor: none`).
 */
export function useStaysPut(ref: RefObject<HTMLElement | null>): void {
  const last = useRef<number | null>(null);
  useLayoutEffect(() => {
    const thing = ref.current;
    if (!thing) return;
    const at = thing.getBoundingClientRect().top + window.scrollY;
    const moved = last.current === null ? 0 : at - last.current;
    last.current = at;
    if (moved !== 0 && (thing.matches(':hover') || thing.contains(document.activeElement)))
      window.scrollBy({ top: moved, behavior: 'instant' });
  });
}
