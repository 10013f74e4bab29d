import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { ProblemError } from '../api/client';
import { refreshed } from '../lib/refreshed';
import { Dialog } from './Dialog';
import { FormErrors } from './Field';

type Kept = { version?: number };

type Props<T extends Kept, Saved> = {
  title: string;
  onClose: () => void;
  /** Sends what was typed; the version is the one that was seen, or the newer one that is knowingly overwritten. */
  save: (version: number) => Promise<Saved>;
  onSaved?: (saved: Saved) => unknown;
  saveLabel: string;
  /** Version of what is changed; 0 for something new. */
  version?: number | undefined;
  /** What is kept meanwhile, in a few words, when somebody else was faster; and what was typed here. */
  inWords?: { theirs: (kept: T) => string; mine: string } | undefined;
  remove?: (() => Promise<unknown>) | undefined;
  removeLabel?: string;
  canSave?: boolean;
  isWide?: boolean;
  children: ReactNode;
};

/** A sheet to fill in: one way to keep it, to take the thing away, to show what is refused, and to settle with somebody who was faster. */
export function FormDialog<T extends Kept, Saved>(props: Props<T, Saved>) {
  const {
    title,
    onClose,
    save,
    onSaved,
    saveLabel,
    version = 0,
    inWords,
    remove,
    removeLabel = 'Delete',
    canSave = true,
    isWide = false,
    children,
  } = props;
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: (over: number) => save(over),
    onSuccess: async (saved) => {
      await refreshed(queries);
      onClose();
      await onSaved?.(saved);
    },
  });
  const away = useMutation({ mutationFn: async () => remove?.(), onSuccess: onClose });
  const theirs = otherSide<T>(keep.error);
  return (
    <Dialog title={title} isOpen onClose={onClose} isWide={isWide}>
      <form
        className="grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate(version);
        }}
      >
        <FormErrors error={keep.error ?? away.error}>
          {theirs && inWords && (
            <p className="tagcard flex flex-wrap items-center gap-3 p-3">
              <span>
                Now kept: <b>{inWords.theirs(theirs)}</b>. Yours: <b>{inWords.mine}</b>.
              </span>
              <button type="button" className="btn" onClick={() => keep.mutate(theirs.version ?? 0)}>
                Keep mine
              </button>
              <button type="button" className="btn" onClick={onClose}>
                Keep theirs
              </button>
            </p>
          )}
          {children}
          <div className="flex gap-2">
            <button type="submit" className="btn btn-main" disabled={keep.isPending || !canSave}>
              {saveLabel}
            </button>
            {remove && (
              <button type="button" className="btn" onClick={() => away.mutate()} disabled={away.isPending}>
                {removeLabel}
              </button>
            )}
          </div>
        </FormErrors>
      </form>
    </Dialog>
  );
}

function otherSide<T>(error: unknown): T | undefined {
  return error instanceof ProblemError && error.problem.status === 409 ? (error.problem.current as T | undefined) : undefined;
}
