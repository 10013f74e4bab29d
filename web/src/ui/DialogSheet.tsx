import { Dialog as Radix } from 'radix-ui';
import { useRef } from 'react';
import type { DialogProps } from './Dialog';

/** What a person comes to a dialog for, before its ✕: a field, or else the first thing to press. */
const FIRST = '[data-first], input:not([type="hidden"], [type="file"], [type="color"]), select, textarea';

/** A sheet of paper over the page; it opens on its first field, focus is held inside and goes back where it came from. */
export function DialogSheet({ title, isOpen, onClose, children, isWide = false, isHung = false }: DialogProps) {
  const opener = useRef<Element | null>(null);
  const body = useRef<HTMLDivElement>(null);
  return (
    <Radix.Root open={isOpen} onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Radix.Content
          aria-describedby={undefined}
          onOpenAutoFocus={(event) => {
            opener.current = document.activeElement;
            event.preventDefault();
            const first = body.current?.querySelector<HTMLElement>(FIRST) ?? body.current?.querySelector<HTMLElement>('button, a') ?? body.current;
            first?.focus();
          }}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            if (opener.current instanceof HTMLElement) opener.current.focus();
          }}
          className={`fixed left-1/2 z-50 -translate-x-1/2 ${isHung ? 'top-[9vh] max-h-[86vh]' : 'top-1/2 max-h-[92vh] -translate-y-1/2'}
            overflow-auto bg-paper p-5 shadow-2xl ${isWide ? 'w-[min(880px,96vw)]' : 'w-[min(520px,96vw)]'}`}
        >
          <div className="mb-3 flex items-start justify-between gap-4">
            <Radix.Title className="text-[19px]/[24px]">{title}</Radix.Title>
            <Radix.Close className="btn" aria-label="Close without saving">
              ✕
            </Radix.Close>
          </div>
          <div ref={body} tabIndex={-1} className="outline-none">
            {children}
          </div>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
