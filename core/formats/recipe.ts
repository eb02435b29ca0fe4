import { Parser } from 'htmlparser2';

/**
 * Recipes as pages carry them: schema.org Recipe in JSON-LD (schema.org/Recipe, W3C JSON-LD 1.1). What is read is data of
 * strangers: nothing of it is run, text loses its tags, and there are bounds on everything.
 */
export type PageRecipe = {
  title: string;
  /** One ingredient a line. */
  text: string;
  /** One step a line. */
  method: string;
  /** As much as the baking takes, in words; empty where it is not said. */
  time: string;
  /** What it says it makes; empty where it is not said. */
  yield: string;
};
export const PAGE_FAULTS = ['tooLong', 'noRecipe', 'broken'] as const;
export type PageFault = (typeof PAGE_FAULTS)[number];

/** Characters of a page that are looked at, and how deep and how much of it. */
export const MOST_PAGE_CHARS = 2_000_000;
const MOST_RECIPES = 20;
const MOST_LINES = 200;
const MOST_LINE_CHARS = 2000;
const DEEPEST = 12;

/** The type of the scripts that carry data. */
const DATA_TYPE = /^\s*application\/ld\+json\s*(?:;|$)/i;
/** Texts of a page's scripts that carry data, in order; told apart by a tokenizer in one pass over the page. */
function dataIn(page: string): string[] {
  const found: string[] = [];
  let inside: string[] | null = null;
  const parser = new Parser({
    onopentag: (name, { type }) => {
      if (name === 'script' && type !== undefined && DATA_TYPE.test(type)) inside = [];
    },
    ontext: (text) => void inside?.push(text),
    onclosetag: (name, implied) => {
      // A script that the page never closes was cut off with it.
      if (name === 'script' && inside && !implied) found.push(inside.join(''));
      if (name === 'script') inside = null;
    },
  });
  parser.write(page);
  parser.end();
  return found;
}

/** Whether a text looks like a page or its data, and not like a formula. */
export const looksLikePage = (text: string): boolean =>
  /"@type"/.test(text.slice(0, MOST_PAGE_CHARS)) && /\bRecipe\b/.test(text.slice(0, MOST_PAGE_CHARS));

const ENTITIES: Record<string, string> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  deg: '°',
  frac12: '½',
  frac14: '¼',
  frac34: '¾',
};
/** Plain text of what may hold tags and entities. */
function plain(value: unknown): string {
  if (typeof value === 'number') return String(value);
  if (typeof value !== 'string') return '';
  return value
    .slice(0, 4 * MOST_LINE_CHARS)
    .replace(/<[^<>]*>/g, ' ')
    .replace(/&#(\d{1,6});/g, (whole, n: string) =>
      Number(n) <= 0x10ffff ? String.fromCodePoint(Number(n)) : whole,
    )
    .replace(/&([a-z]+\d*);/gi, (whole, name: string) => ENTITIES[name.toLowerCase()] ?? whole)
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, MOST_LINE_CHARS);
}
type Node = Record<string, unknown>;
const isNode = (x: unknown): x is Node => typeof x === 'object' && x !== null && !Array.isArray(x);
const listOf = (x: unknown): unknown[] => (Array.isArray(x) ? x : x === undefined || x === null ? [] : [x]);
const isRecipe = (n: Node): boolean =>
  listOf(n['@type']).some((t) => typeof t === 'string' && /(?:^|\/)Recipe$/.test(t));

/** Recipes in a tree, wherever they stand in it. */
function within(tree: unknown, depth = 0): Node[] {
  if (depth > DEEPEST) return [];
  if (Array.isArray(tree)) return tree.slice(0, 1000).flatMap((x) => within(x, depth + 1));
  if (!isNode(tree)) return [];
  return isRecipe(tree) ? [tree] : Object.values(tree).flatMap((x) => within(x, depth + 1));
}

/** Steps of instructions: text, a list of texts, steps, or sections of steps. */
function stepsOf(value: unknown, depth = 0): string[] {
  if (depth > DEEPEST) return [];
  if (typeof value === 'string')
    return value
      .split(/\r?\n|<br\s*\/?>|<\/(?:p|li)>/i)
      .map(plain)
      .filter(Boolean);
  if (Array.isArray(value)) return value.flatMap((x) => stepsOf(x, depth + 1));
  if (!isNode(value)) return [];
  if (value.itemListElement !== undefined) return stepsOf(value.itemListElement, depth + 1);
  const said = plain(value.text) || plain(value.name);
  return said ? [said] : [];
}

/** An ISO 8601 duration in minutes; null where it is none. */
export function minutesOf(duration: unknown): number | null {
  if (typeof duration !== 'string') return null;
  const m = /^P(?:(\d{1,3})D)?(?:T(?:(\d{1,4})H)?(?:(\d{1,5})M)?(?:\d+(?:\.\d+)?S)?)?$/.exec(duration.trim());
  if (!m || !(m[1] ?? m[2] ?? m[3])) return null;
  return 1440 * Number(m[1] ?? 0) + 60 * Number(m[2] ?? 0) + Number(m[3] ?? 0);
}
/** Minutes as an ISO 8601 duration. */
export const durationOf = (min: number): string => `PT${Math.round(min)}M`;

function recipeIn(node: Node): PageRecipe {
  const minutes = minutesOf(node.cookTime);
  const ingredients = listOf(node.recipeIngredient ?? node.ingredients);
  return {
    title: plain(node.name).slice(0, 200),
    text: ingredients.slice(0, MOST_LINES).map(plain).filter(Boolean).join('\n'),
    method: stepsOf(node.recipeInstructions).slice(0, MOST_LINES).join('\n'),
    time: minutes ? `${minutes} min` : '',
    yield: plain(listOf(node.recipeYield)[0]).slice(0, 100),
  };
}

/** The recipes a page's source or its data holds, with their lines; or why there are none. */
export function recipesIn(page: string): { recipes: PageRecipe[] } | { fault: PageFault } {
  if (page.length > MOST_PAGE_CHARS) return { fault: 'tooLong' };
  const blocks = dataIn(page);
  const texts = blocks.length > 0 ? blocks : [page];
  let broken = false;
  const recipes = texts
    .flatMap((text) => {
      try {
        return within(JSON.parse(text.trim()));
      } catch {
        broken = true;
        return [];
      }
    })
    .slice(0, MOST_RECIPES)
    .map(recipeIn)
    .filter((r) => r.text !== '');
  if (recipes.length > 0) return { recipes };
  return { fault: broken ? 'broken' : 'noRecipe' };
}

/** What of a formula goes out as a recipe. */
export type RecipeOut = {
  title: string;
  lines: readonly string[];
  steps: readonly string[];
  minutes: readonly [number, number] | null;
  yield: string;
  note: string;
};

/** A schema.org Recipe as JSON-LD. Of a range of minutes the longer is given, since it has room for one. */
export function recipeJsonLd({ title, lines, steps, minutes, yield: makes, note }: RecipeOut): string {
  return `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: title,
      ...(note ? { description: note } : {}),
      recipeIngredient: lines,
      recipeInstructions: steps.map((text) => ({ '@type': 'HowToStep', text })),
      ...(minutes ? { cookTime: durationOf(minutes[1]) } : {}),
      ...(makes ? { recipeYield: makes } : {}),
    },
    null,
    2,
  )}\n`;
}
