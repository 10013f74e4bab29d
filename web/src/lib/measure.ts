import type { Home } from '../api/types';

export const TENTHS_PER_INCH = 254;
const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'];

/** Writes a length as the core does: inches to an eighth, or centimetres to one decimal. Reading lengths is left to the core. */
export function writeLength(tenths: number, unit: Home['unit']): string {
  if (unit === 'cm') return `${Math.round(tenths / 10) / 10} cm`;
  const eighths = Math.round((tenths / TENTHS_PER_INCH) * 8);
  const whole = Math.floor(eighths / 8);
  const part = EIGHTHS[eighths % 8] ?? '';
  return `${`${whole === 0 && part !== '' ? '' : whole} ${part}`.trim()} in`;
}

/** Writes a weight for a form or a label: ounces and pounds, or grams and kilograms. */
export function writeWeight(grams: number, unit: Home['unit']): string {
  if (unit === 'cm') return grams >= 1000 ? `${Math.round(grams / 100) / 10} kg` : `${grams} g`;
  const ounces = grams / 28.349523125;
  return ounces >= 16 ? `${Math.round(ounces / 1.6) / 10} lb` : `${Math.round(ounces)} oz`;
}

/** As what runs along is measured: feet and inches, or metres, once it is longer than two of them. */
export function writeRun(tenths: number, unit: Home['unit']): string {
  if (unit === 'cm') return tenths >= 20_000 ? `${Math.round(tenths / 100) / 100} m` : writeLength(tenths, unit);
  const eighths = Math.round((tenths / TENTHS_PER_INCH) * 8);
  const rest = (eighths % 96) * (TENTHS_PER_INCH / 8);
  return eighths < 192 ? writeLength(tenths, unit) : `${Math.floor(eighths / 96)} ft${rest === 0 ? '' : ` ${writeLength(rest, unit)}`}`;
}

/** For a form: as people write it where that reads back exactly, else in millimetres, so that saving changes nothing that was not changed. */
export function fieldLength(tenths: number, unit: Home['unit']): string {
  const isExact = unit === 'cm' ? tenths % 10 === 0 : Math.round((Math.round((tenths / TENTHS_PER_INCH) * 8) * TENTHS_PER_INCH) / 8) === tenths;
  return isExact ? writeLength(tenths, unit) : `${tenths / 10} mm`;
}

/** The same for what runs along. */
export function fieldRun(tenths: number, unit: Home['unit']): string {
  const isExact = unit === 'cm' ? tenths % 100 === 0 : Math.round((Math.round((tenths / TENTHS_PER_INCH) * 8) * TENTHS_PER_INCH) / 8) === tenths;
  return isExact ? writeRun(tenths, unit) : `${tenths / 10} mm`;
}

const GRAMS: Record<string, number> = { g: 1, kg: 1000, oz: 28.349523125, lb: 453.59237 };

/** For a form: as people write it where that reads back exactly, else in grams. */
export function fieldWeight(grams: number, unit: Home['unit']): string {
  const text = writeWeight(grams, unit);
  const [amount = '', word = ''] = text.split(' ');
  return Math.round(Number(amount) * (GRAMS[word] ?? 0)) === grams ? text : `${grams} g`;
}

export const inches = (tenths: number): number => tenths / TENTHS_PER_INCH;
