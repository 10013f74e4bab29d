import { lazy, type ReactNode, Suspense, useState } from 'react';

/** isHung: hangs from the top and grows downwards, for what changes its length while one types. */
export type DialogProps = { title: string; isOpen: boolean; onClose: () => void; children: ReactNode; isWide?: boolean; isHung?: boolean };

const DialogSheet = lazy(async () => ({ default: (await import('./DialogSheet')).DialogSheet }));

/** A sheet of paper over the page. What it is made with comes when the first is opened, or ahead of it, not before the page. */
export function Dialog(props: DialogProps) {
  const [wasOpened, setOpened] = useState(props.isOpen);
  if (props.isOpen && !wasOpened) setOpened(true);
  return wasOpened ? (
    <Suspense fallback={null}>
      <DialogSheet {...props} />
    </Suspense>
  ) : null;
}
