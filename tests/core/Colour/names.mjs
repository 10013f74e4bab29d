// Writes the named colours of the open list color-name-list (MIT) whose names are asked for, and those that end in a family's word.
import { readFileSync } from 'node:fs';
import { colornames } from 'color-name-list';

const [{ words, families }] = JSON.parse(readFileSync(0, 'utf8'));
const plain = (name) => name.toLowerCase().replace(/gray/g, 'grey');
const byName = new Map(colornames.map(({ name, hex }) => [plain(name), hex]));
const named = Object.fromEntries(words.filter((word) => byName.has(word)).map((word) => [word, byName.get(word)]));
const ending = Object.fromEntries(families.map((family) => [family, [...byName].filter(([name]) => name.split(' ').length === 2 && name.endsWith(` ${family}`)).map(([, hex]) => hex)]));
process.stdout.write(JSON.stringify([{ named, ending }]));
