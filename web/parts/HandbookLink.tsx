import { Link } from 'react-router';

/** The way from an explanation to its place in the handbook. */
export function HandbookLink({
  section,
  id,
  children = 'In the handbook',
}: {
  section: 'replacements' | 'kinds' | 'feel' | 'faults' | 'conversions' | 'cautions' | 'sources';
  id?: string | undefined;
  children?: string;
}) {
  return <Link to={`/handbook/${section}${id ? `#${id}` : ''}`}>{children}</Link>;
}
