import { useEffect } from 'react';

/** Names the page in the browser's tab. */
export function usePageTitle(title: string): void {
  useEffect(() => {
    document.title = title ? `${title} · New Crumb` : 'New Crumb';
  }, [title]);
}
