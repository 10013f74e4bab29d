import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

type Item = { label: string; onSelect: () => void };

/** A list of things to do, opened from its trigger. */
export function Menu({ trigger, items }: { trigger: ReactNode; items: readonly Item[] }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content sideOffset={4} align="start" className="tagcard z-50 max-h-[70vh] min-w-44 overflow-auto py-1">
          {items.map((item) => (
            <DropdownMenu.Item
              key={item.label}
              onSelect={item.onSelect}
              className="cursor-pointer px-3 py-1.5 outline-none data-[highlighted]:bg-yolk-soft"
            >
              {item.label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
