import { OfflineError } from '../api/client';

type Asked = { error: unknown; data: unknown };

/** Why a page cannot be shown, if so. Where the signal is gone, what was read before is still worth reading. */
export const failed = (...asked: readonly Asked[]): unknown =>
  asked.find((one) => one.error && (one.data === undefined || !(one.error instanceof OfflineError)))?.error ?? null;
