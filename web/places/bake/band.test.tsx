import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { plainPhase } from '../../../core/bake';
import type { BakePhase } from '../../../core/formula';
import { Band } from './Band';

const PHASES: BakePhase[] = [{ ...plainPhase(230), min: 36, cover: 'lid' }, plainPhase(210)];
const WIDTH = 600;

describe('the band of stretches', () => {
  it('an end that is dragged moves with the pointer, though an answer makes the axis longer meanwhile', () => {
    const moved = vi.fn<(next: BakePhase[], field: string) => void>();
    const { rerender } = render(<Band phases={PHASES} end={60} onPhases={moved} />);
    const track = screen.getByRole('slider').parentElement!;
    let captured = false;
    Object.assign(track, {
      getBoundingClientRect: () => ({ left: 0, width: WIDTH }) as DOMRect,
      setPointerCapture: () => (captured = true),
      hasPointerCapture: () => captured,
    });
    const at = (36 / 60) * WIDTH;
    fireEvent.pointerDown(track, { clientX: at, pointerId: 1 });
    rerender(<Band phases={PHASES} end={70} onPhases={moved} />);
    fireEvent.pointerMove(track, { clientX: at - 60, pointerId: 1 });
    // Sixty pixels were six minutes when it was taken.
    expect(moved).toHaveBeenCalledTimes(1);
    expect(moved.mock.calls[0]![0][0]!.min).toBe(30);
  });

  it('stays under the pointer when an answer makes what stands above it longer, and else lets the page be', () => {
    const scroll = vi.spyOn(window, 'scrollBy').mockImplementation(() => undefined);
    const { rerender } = render(<Band phases={PHASES} end={60} onPhases={() => undefined} />);
    const handle = screen.getByRole('slider');
    let top = 400;
    Object.assign(handle.parentElement!, { getBoundingClientRect: () => ({ top }) as DOMRect });
    const answer = (by: number) => {
      top += by;
      rerender(<Band phases={PHASES} end={60} onPhases={() => undefined} />);
    };
    answer(0);
    answer(48);
    expect(scroll).not.toHaveBeenCalled();
    handle.focus();
    answer(48);
    expect(scroll).toHaveBeenCalledExactlyOnceWith({ top: 48, behavior: 'instant' });
    scroll.mockRestore();
  });
});
