import { useEffect } from 'react';

/** Both hands are busy: space, the arrows or a pedal that sends them go on and back, wherever nothing else takes them. */
export function useBenchKeys(take: () => void, back: () => void): void {
  useEffect(() => {
    const press = (e: KeyboardEvent) => {
      const at = e.target as HTMLElement;
      const arrow = e.key === 'ArrowLeft' || e.key === 'ArrowRight';
      const theirs = arrow
        ? 'input, [role=slider]'
        : 'input, [role=slider], button, a, select, textarea, summary';
      if (at.closest(theirs)) return;
      if (e.key === ' ' || e.key === 'ArrowRight' || e.key === 'Enter') {
        e.preventDefault();
        take();
      } else if (e.key === 'ArrowLeft') {
        e.preventDefault();
        back();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [take, back]);
}
