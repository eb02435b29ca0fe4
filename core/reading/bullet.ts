/** What stands before a row of a list, and says nothing. */
export const BULLET = /^\s*(?:(?:[-*•·–—▢□☐✓✔→➜➤▪●○■★☆>]|\[[ x]?\])\s+)+(?:\+\s+)?|^\s*\+\s+/i;
/** Before a row of the list of which the baker said so: it is no heading, whatever it looks like. Nobody sees it (word joiner). */
export const SAID_LINE = '\u2060';
