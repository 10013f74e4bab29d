import { type ComponentType, lazy } from 'react';
import type { Page } from './pages';

// One part for each page, not for each address: from spot to spot the page stays.
const parts = new Map<Page, ComponentType>();
const missed = new Set<Page>();

/** What shows a page, as it has come or is on its way. */
export function partOf(page: Page): ComponentType {
  const known = parts.get(page);
  if (known) return known;
  const part = lazy(async () => {
    try {
      return { default: await page() };
    } catch (error) {
      missed.add(page);
      throw error;
    }
  });
  parts.set(page, part);
  return part;
}

/** What did not come for want of a signal is asked for anew when it is opened again. */
export function askAgain(): void {
  for (const page of missed) parts.delete(page);
  missed.clear();
}
