/** "1 piece", "3 pieces". */
export const counted = (count: number, one: string, many = plural(one)): string => `${count} ${count === 1 ? one : many}`;

/** "bunch" → "bunches"; of words that have several, the last one. */
export const plural = (word: string): string => (/(ch|sh|s|x)$/.test(word) ? `${word}es` : `${word}s`);

/** "Orla, Finn and a helper". */
export const together = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Money in minor units, as "$12" when whole and "$12.50" when not. */
export function writeMoney(minor: number, currency: string): string {
  const whole = minor % 100 === 0;
  const text = Math.abs(minor / 100).toLocaleString('en-GB', { minimumFractionDigits: whole ? 0 : 2, maximumFractionDigits: 2 });
  return `${minor < 0 ? '−' : ''}${currency}${text}`;
}

/** What so many things are worth: what has no price says so, instead of being worth nothing. */
export function writeWorth(worth: string, units: number, unpriced: number): string {
  if (units > 0 && unpriced >= units) return 'no price known';
  return unpriced > 0 ? `${worth}, and ${unpriced} without a price` : worth;
}

/** Minor units as a form field shows them. */
export const moneyField = (minor: number): string => (minor === 0 ? '' : (minor / 100).toFixed(2));

/** "Sat 5 Dec". */
export const writeDay = (iso: string): string =>
  new Date(`${iso.slice(0, 10)}T12:00`).toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** "Saturday 5 December". */
export const writeLongDay = (iso: string): string =>
  new Date(`${iso.slice(0, 10)}T12:00`).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

/** 75 → "1 h 15". */
export const writeMinutes = (minutes: number): string =>
  minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 ? ` ${String(minutes % 60).padStart(2, '0')}` : ''}`;

const MOMENT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

export const writeMoment = (at: string): string => MOMENT.format(new Date(at));
