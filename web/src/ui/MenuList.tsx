import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

export type Item = { label: string; onSelect: () => void };

type Props = { trigger: ReactNode; items: readonly Item[]; isOpenAtFirst: boolean };

/** The list itself, with the library that opens and places it. */
export function MenuList({ trigger, items, isOpenAtFirst }: Props) {
  return (
    <DropdownMenu.Root defaultOpen={isOpenAtFirst}>
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
