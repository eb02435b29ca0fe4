/** The addresses of the demo kitchen, its pages and its calls, begin with this; those of one's own do not. */
const DEMO_HOME = '/demo';

/** How the addresses of this page's kitchen begin. */
export const HOME = /^\/demo(\/|$)/.test(location.pathname) ? DEMO_HOME : '';
export const IS_DEMO = HOME === DEMO_HOME;
/** The start of the demo kitchen and of one's own. From one to the other the page is loaded anew: nothing goes along. */
export const DEMO_START = `${DEMO_HOME}/`;
export const OWN_START = '/';

/** A name in the browser's own store for this kitchen alone: what is typed in the demo never turns up in one's own. */
export const keyHere = (name: string): string => `new-crumb:${IS_DEMO ? 'demo:' : ''}${name}`;
