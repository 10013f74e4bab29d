// Reads pairs of hex colours, writes Lab (D65) of each and CIEDE2000 between them, as the reference library culori computes them.
import { readFileSync } from 'node:fs';
import { differenceCiede2000, converter } from 'culori';

const lab = converter('lab65');
const difference = differenceCiede2000();
const pairs = JSON.parse(readFileSync(0, 'utf8'));
const plain = (hex) => { const { l, a, b } = lab(hex); return [l, a ?? 0, b ?? 0]; };
process.stdout.write(JSON.stringify(pairs.map(([one, two]) => ({ one: plain(one), two: plain(two), difference: difference(one, two) }))));
