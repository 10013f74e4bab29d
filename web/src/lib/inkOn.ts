import { lin } from '../silhouettes/tone';

const INK = '#1F2421';
const PAPER = '#FFFFFF';

/** Relative luminance of a colour, as WCAG 2 defines it. */
function luminance(hex: string): number {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => lin(Number.parseInt(hex.slice(at, at + 2), 16)));
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** The colour of letters on a ground: ink or paper, whichever stands out more. */
export function inkOn(ground: string): string {
  const on = luminance(ground) + 0.05;
  return on / (luminance(INK) + 0.05) >= (luminance(PAPER) + 0.05) / on ? INK : PAPER;
}
