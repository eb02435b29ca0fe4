import { Link } from 'react-router';
import type { SectionId } from '../words/data/handbook';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.handbookLink;

/** The way from an explanation to its place in the handbook. */
export function HandbookLink({
  section,
  id,
  children = W.inTheHandbook,
}: {
  section: SectionId;
  id?: string | undefined;
  children?: string;
}) {
  return <Link to={`/handbook/${section}${id ? `#${id}` : ''}`}>{children}</Link>;
}
