import { saysWhatItMakes } from './yields';

/** Words for whom a bake is: "dairy free", "vegan", "GF". */
const FOR_WHOM =
  /^(?:(?:gluten|dairy|egg|nut|soy|soya|oil|grain|lactose|(?:refined )?sugar|yeast)[- ]?free|vegan|vegetarian|gf|df|ef|coeliac|celiac)$/i;
/** A row that only says for whom it is, and how many it makes: "dairy free, makes 12". */
const saysWhom = (row: string): boolean => {
  const said = row.split(/\s*[,;|·•&+]\s*|\s+(?:and|-|–)\s+/);
  return said.some((s) => FOR_WHOM.test(s)) && said.every((s) => FOR_WHOM.test(s) || /^makes\b/i.test(s));
};

/** "Makes 12" and the like stand in many lists and are no ingredient. */
export const isNote = (text: string): boolean =>
  /^(?:makes|serves|yields?|servings?|ergibt)\b/i.test(text) || saysWhatItMakes(text) || saysWhom(text);
