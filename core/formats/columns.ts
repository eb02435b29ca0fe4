/** Columns of the table that goes out. */
export const TABLE_COLUMNS = [
  'part',
  'grams',
  'ingredient',
  'preparation',
  'percent_on_flour',
  'suits',
] as const;
