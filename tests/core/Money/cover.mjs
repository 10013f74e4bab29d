// Least covers by HiGHS: first the least total that reaches what is needed, then the fewest lines of that total.
import { readFileSync } from 'node:fs';
import load from 'highs';

const highs = await load();
const cases = JSON.parse(readFileSync(0, 'utf8'));
const sum = (prices) => prices.map((price, i) => `${price} x${i}`).join(' + ');
const binary = (prices) => `Binary\n ${prices.map((_, i) => `x${i}`).join(' ')}\nEnd`;
const answers = cases.map(({ prices, least }) => {
  const total = highs.solve(`Minimize\n obj: ${sum(prices)}\nSubject To\n c: ${sum(prices)} >= ${least}\n${binary(prices)}`, { mip_rel_gap: 0 });
  const best = Math.round(total.ObjectiveValue);
  const lines = highs.solve(`Minimize\n obj: ${prices.map((_, i) => `x${i}`).join(' + ')}\nSubject To\n c: ${sum(prices)} = ${best}\n${binary(prices)}`, { mip_rel_gap: 0 });
  return { total: best, lines: Math.round(lines.ObjectiveValue) };
});
process.stdout.write(JSON.stringify(answers));
