// Reads texts, writes the rows that the reference library Papa Parse finds in each with the separator it is given.
import { readFileSync } from 'node:fs';
import papa from 'papaparse';

const asked = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(JSON.stringify(asked.map(({ text, separator }) => ({ rows: papa.parse(text, { delimiter: separator, skipEmptyLines: 'greedy' }).data }))));
