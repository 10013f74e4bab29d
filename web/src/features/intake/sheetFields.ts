/** What a column of a sheet can be, in the order people look for it. */
export const FIELDS: readonly (readonly [string, string])[] = [
  ['name', 'what it is'],
  ['count', 'how many'],
  ['kind', 'its kind'],
  ['size', 'its size'],
  ['height', 'how high'],
  ['width', 'how wide'],
  ['depth', 'how deep'],
  ['laid out', 'how long unrolled'],
  ['weight', 'what it weighs'],
  ['colours', 'its colours'],
  ['materials', 'what it is of'],
  ['finish', 'its finish'],
  ['pattern', 'its pattern'],
  ['shape', 'its shape'],
  ['seasons', 'its seasons'],
  ['hazards', 'cautions'],
  ['places', 'where it is'],
  ['cost', 'cost of one'],
  ['cost of all', 'cost of all'],
  ['replacement', 'worth of one'],
  ['came', 'when it came'],
  ['origin', 'where it came from'],
  ['note', 'a note'],
  ['', 'not kept'],
];

/** A field in words, for what stands beside a cell. */
export const fieldInWords = (field: string): string => FIELDS.find(([one]) => one === field)?.[1] ?? field;
