/** The day after the last of these; days are written 2026-12-24. */
export function dayAfter(dates: readonly string[]): string {
  const last = new Date(`${[...dates].sort().at(-1)}T12:00Z`);
  last.setUTCDate(last.getUTCDate() + 1);
  return last.toISOString().slice(0, 10);
}
