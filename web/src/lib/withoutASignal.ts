const READINGS = 'readings';

/** Keeps the page on the device, so that it opens without a signal; where that is not allowed (no https), it goes on without. */
export function keepOnDevice(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}

/** What was read is forgotten when somebody signs out. */
export async function forgetReadings(): Promise<void> {
  if ('caches' in window) await caches.delete(READINGS);
}
