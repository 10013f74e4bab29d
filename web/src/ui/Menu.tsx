import { lazy, type ReactNode, Suspense } from 'react';
import type { Item } from './MenuList';

const MenuList = lazy(async () => ({ default: (await import('./MenuList')).MenuList }));

/** A list of things to do, opened from its trigger; until the list has come, the trigger stands there alone. */
export function Menu({ trigger, items }: { trigger: ReactNode; items: readonly Item[] }) {
  return (
    <Suspense fallback={trigger}>
      <MenuList trigger={trigger} items={items} />
    </Suspense>
  );
}
