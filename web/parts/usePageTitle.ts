import { useEffect } from 'react';
import { partsWords } from '../words/data/en/parts';

const W = partsWords.usePageTitle;

/** Names the page in the browser's tab. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    document.title = title ? W.newCrumb({ title }) : W.newCrumb2;
  }, [title]);
}
