import type { components } from './schema';

type S = components['schemas'];

/** Every word of a choice, checked against the API: a case added in the core that is missing here fails the type check. */
const all = <T extends string>(words: Record<T, true>): readonly T[] => Object.keys(words) as T[];

export const PIECE_KINDS = all<S['PieceKind']>({
  arrangement: true,
  basket: true,
  beads: true,
  bell: true,
  boat: true,
  books: true,
  bowl: true,
  box: true,
  bunch: true,
  candlestick: true,
  'candle group': true,
  cone: true,
  crock: true,
  cushion: true,
  garland: true,
  gourd: true,
  hare: true,
  heron: true,
  hooks: true,
  'little house': true,
  jar: true,
  jug: true,
  lantern: true,
  lights: true,
  mirror: true,
  picture: true,
  'pillar candle': true,
  plate: true,
  pumpkin: true,
  ribbon: true,
  runner: true,
  star: true,
  stocking: true,
  'storm glass': true,
  throw: true,
  tray: true,
  tree: true,
  vase: true,
  wreath: true,
});
export const SPOT_KINDS = all<S['SpotKind']>({
  mantel: true,
  hearth: true,
  console: true,
  'low table': true,
  'dining table': true,
  sideboard: true,
  shelf: true,
  hutch: true,
  'window sill': true,
  bench: true,
  sofa: true,
  bed: true,
  'counter corner': true,
  'drinks station': true,
  door: true,
  wall: true,
  'stair rail': true,
  'floor corner': true,
  porch: true,
  tree: true,
});
export const MATERIALS = all<S['Material']>({
  reed: true,
  jute: true,
  wood: true,
  clay: true,
  stoneware: true,
  porcelain: true,
  stone: true,
  brass: true,
  iron: true,
  tin: true,
  glass: true,
  'faux greenery': true,
  'fresh greenery': true,
  'dried stems': true,
  cotton: true,
  linen: true,
  wool: true,
  velvet: true,
  paper: true,
  wax: true,
  plastic: true,
});
export const FINISHES = all<S['Finish']>({
  plain: true,
  matt: true,
  glazed: true,
  'drip glaze': true,
  metal: true,
  clear: true,
  woven: true,
  knit: true,
  velvet: true,
  'wood grain': true,
  glitter: true,
  aged: true,
});
export const TEXTURES = all<S['Texture']>({
  woven: true,
  wood: true,
  'clay and stone': true,
  metal: true,
  'glass and mirror': true,
  greenery: true,
  dried: true,
  textile: true,
  paper: true,
  wax: true,
});
export const SEASONS = all<S['Season']>({ spring: true, summer: true, autumn: true, winter: true });
export const HAZARDS = all<S['Hazard']>({
  'open flame': true,
  breakable: true,
  'small parts': true,
  'button cells': true,
  'toxic to pets': true,
  'mains cord': true,
  'needs a ladder': true,
});
export const SPOT_HAZARDS = all<S['SpotHazard']>({ heat: true, 'steam or spatter': true, weather: true, 'small children': true, pets: true });
export const SEEN_FROM = all<S['SeenFrom']>({ front: true, 'both sides': true, 'all round': true, outside: true });
export const RIBBON_ROLES = all<S['RibbonRole']>({ base: true, second: true, accent: true, dark: true, metal: true });
export const COLOUR_SCHOOLS = all<S['ColourSchool']>({ 'as the ribbons': true, quiet: true, 'with a surprise': true });
export const CONDITIONS = all<S['Condition']>({ heat: true, damp: true, light: true });
export const CHOICES = all<S['Choice']>({ stay: true, move: true, bring: true, rest: true, part: true });
export const PHASES = all<S['Phase']>({ 'take down': true, clean: true, fetch: true, 'set up': true, 'pack away': true, 'let go': true });
