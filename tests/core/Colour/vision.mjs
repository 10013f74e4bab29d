// Reads hex colours, writes how the reference library culori shows them to dichromats (model of Machado, Oliveira and Fernandes, 2009).
import { readFileSync } from 'node:fs';
import { filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit, formatHex } from 'culori';

const seen = { protan: filterDeficiencyProt(1), deutan: filterDeficiencyDeuter(1), tritan: filterDeficiencyTrit(1) };
const colours = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(colours.map((hex) => Object.fromEntries(Object.entries(seen).map(([vision, filter]) => [vision, formatHex(filter(hex))])))));
