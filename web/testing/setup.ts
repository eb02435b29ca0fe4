import { beforeEach } from 'vitest';
import { answer, resetAnswers } from './answers';

// What happy-dom has no notion of and Mantine asks for.
Object.defineProperty(window, 'matchMedia', {
  value: (query: string) => ({
    matches: false,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }),
});
Object.defineProperty(document, 'fonts', { value: new EventTarget() });
globalThis.fetch = answer;
beforeEach(resetAnswers);
