import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach } from 'vitest';
import { notifications } from '@mantine/notifications';
import { answer, resetAnswers } from './answers';

// What happy-dom has no notion of and Mantine asks for.
Object.defineProperty(window, 'matchMedia', {
  configurable: true,
  value: (query: string) => ({
    matches: false,
    media: query,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }),
});
Object.defineProperty(document, 'fonts', { configurable: true, value: new EventTarget() });
globalThis.fetch = answer;
// The testing library says this when it is read, which the files of a worker do once: React draws before it answers.
Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });
beforeEach(resetAnswers);
// The files of a worker share one page: what one of them drew, changed or left in the browser is not for the next.
afterEach(() => {
  cleanup();
  notifications.clean();
  localStorage.clear();
  sessionStorage.clear();
});
