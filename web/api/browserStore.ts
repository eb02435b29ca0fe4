/** The store of a browser that has none, or will not give it: nothing is kept, and that is said. */
export const storeOf = (which: 'localStorage' | 'sessionStorage'): Storage | null => {
  try {
    return window[which];
  } catch {
    return null;
  }
};
