// Fewest new rolls by HiGHS: how many of each length are cut off each owned roll and each of as many new ones as one cut a roll would take.
import { readFileSync } from 'node:fs';
import load from 'highs';

const highs = await load();
const cases = JSON.parse(readFileSync(0, 'utf8'));
const answers = cases.map(({ cuts, owned, roll, most }) => {
  const counts = new Map();
  for (const cut of cuts) counts.set(cut, (counts.get(cut) ?? 0) + 1);
  const types = [...counts];
  const bins = [...owned.map((length) => ({ length, isNew: false })), ...Array.from({ length: most }, () => ({ length: roll, isNew: true }))];
  const news = bins.flatMap((bin, b) => (bin.isNew ? [b] : []));
  const used = (b) => types.map(([length], t) => `${length} x${t}_${b}`).join(' + ');
  const constraints = [
    ...types.map(([, count], t) => `${bins.map((_, b) => `x${t}_${b}`).join(' + ')} = ${count}`),
    ...bins.map((bin, b) => (bin.isNew ? `${used(b)} - ${bin.length} y${b} <= 0` : `${used(b)} <= ${bin.length}`)),
    ...news.slice(1).map((b) => `y${b - 1} - y${b} >= 0`),
  ];
  const general = types.flatMap((_, t) => bins.map((_, b) => `x${t}_${b}`)).join(' ');
  const objective = news.length === 0 ? '0 x0_0' : news.map((b) => `y${b}`).join(' + ');
  const model = `Minimize\n obj: ${objective}\nSubject To\n${constraints.map((line, i) => ` c${i}: ${line}`).join('\n')}\nGeneral\n ${general}\nBinary\n ${news.map((b) => `y${b}`).join(' ')}\nEnd`;
  // Nodes rather than seconds: what it gives up on is the same on every machine.
  const solved = highs.solve(model, { mip_rel_gap: 0, mip_max_nodes: 1000 });
  return { status: solved.Status, rolls: Math.round(solved.ObjectiveValue) };
});
process.stdout.write(JSON.stringify(answers));
