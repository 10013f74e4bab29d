import { lazy, type ReactNode, Suspense, useState } from 'react';
import type { Item } from './MenuList';

const MenuList = lazy(async () => ({ default: (await import('./MenuList')).MenuList }));

/** A list of things to do, opened from its trigger; until the list has come, the trigger stands there alone and remembers that it was pressed. */
export function Menu({ trigger, items }: { trigger: ReactNode; items: readonly Item[] }) {
  const [isAsked, setAsked] = useState(false);
  return (
    <Suspense
      fallback={
        <span className="contents" onClickCapture={() => setAsked(true)}>
          {trigger}
        </span>
      }
    >
      <MenuList trigger={trigger} items={items} isOpenAtFirst={isAsked} />
    </Suspense>
  );
}
