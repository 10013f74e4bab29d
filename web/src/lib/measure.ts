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

export const inches = (tenths: number): number => tenths / TENTHS_PER_INCH;
