import { type ReactNode, useCallback, useEffect, useState } from 'react';
import type { Item, MenuList as List } from './MenuList';

let loaded: typeof List | undefined;

/**
 * A list of things to do, opened from its trigger. Until the list has come, the trigger stands there alone and remembers
 * that it was pressed; where it does not come for want of a signal, pressing asks for it again.
 */
export function Menu({ trigger, items }: { trigger: ReactNode; items: readonly Item[] }) {
  const [MenuList, setList] = useState<typeof List | undefined>(() => loaded);
  const [isAsked, setAsked] = useState(false);
  const load = useCallback(() => {
    import('./MenuList').then(
      (module) => {
        loaded = module.MenuList;
        setList(() => module.MenuList);
      },
      () => undefined,
    );
  }, []);
  useEffect(load, [load]);
  if (MenuList) return <MenuList trigger={trigger} items={items} isOpenAtFirst={isAsked} />;
  return (
    <span
      className="contents"
      onClickCapture={() => {
        setAsked(true);
        load();
      }}
    >
      {trigger}
    </span>
  );
}
