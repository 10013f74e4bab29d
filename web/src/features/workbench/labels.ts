import { type BenchFrame, halfway, type PlacedMark } from './benchFrame';

export type Label = { text: string; x: number; y: number; anchor: 'start' | 'middle' | 'end' };

const CHARACTER = 6.6;
const LINE = 15;
const TRIES = 5;

type Box = { left: number; right: number; y: number };

/** Labels beside their marks, moved to another line where two would cover each other, left out where there is no room at all. */
export function spread(marks: readonly PlacedMark[], frame: BenchFrame): Label[] {
  const taken: Box[] = [];
  const labels: Label[] = [];
  for (const mark of marks) {
    if (!mark.label) continue;
    const wish = wished(mark, frame);
    for (let i = 0; i < TRIES; i++) {
      const y = wish.y - wish.way * i * LINE;
      const box = boxOf({ ...wish, y });
      if (y < 10 || taken.some((other) => Math.abs(other.y - box.y) < LINE - 2 && other.left < box.right && box.left < other.right)) continue;
      taken.push(box);
      labels.push({ text: wish.text, x: wish.x, y, anchor: wish.anchor });
      break;
    }
  }
  return labels;
}

type Wish = Label & { way: 1 | -1 };

function wished(mark: PlacedMark, frame: BenchFrame): Wish {
  const text = mark.label ?? '';
  const middle = halfway(mark.points) ?? [mark.x, mark.y];
  const last = mark.points.at(-1) ?? middle;
  const within = (x: number, anchor: Label['anchor']): Label['anchor'] => {
    const half = (text.length * CHARACTER) / 2;
    if (anchor !== 'middle') return anchor;
    return x - half < 0 ? 'start' : x + half > frame.viewWidth ? 'end' : 'middle';
  };
  const at = (x: number, y: number, anchor: Label['anchor'] = 'middle', way: 1 | -1 = 1): Wish => ({ text, x, y, anchor: within(x, anchor), way });
  switch (mark.role) {
    case 'level':
      return at(Math.min(last[0] + 4, frame.viewWidth - text.length * CHARACTER), last[1] + 4, 'start');
    case 'limit':
      return at(middle[0], Math.min(...mark.points.map((point) => point[1])) - 6);
    case 'load':
      return mark.w > text.length * CHARACTER
        ? at(mark.x + mark.w / 2, mark.y + mark.h / 2 + 4)
        : at(mark.x + mark.w + 5, mark.y + mark.h / 2 + 4, 'start');
    case 'cushion':
    case 'ribbon':
    case 'centre':
    case 'hung':
      return mark.form === 'box' ? at(mark.x + mark.w / 2, mark.y + mark.h / 2 + 4) : at(mark.x, mark.y + 4);
    case 'light':
      return mark.form === 'round'
        ? at(Math.min(frame.left + frame.width + 6, frame.viewWidth - text.length * CHARACTER), mark.y + 4, 'start')
        : at(middle[0], middle[1] - 14);
    case 'base':
      return at(
        (Math.min(...mark.points.map((p) => p[0])) + Math.max(...mark.points.map((p) => p[0]))) / 2,
        Math.max(...mark.points.map((p) => p[1])) - 6,
      );
    case 'rest':
      return at(last[0], last[1] - 6, 'end');
    case 'hook':
      return at(mark.x, mark.y - 24);
    case 'cloth':
      return at(mark.x, mark.y + mark.h + 14, 'middle', -1);
    case 'ghost':
    case 'garland':
      return at(middle[0], middle[1] - 20);
    default:
      return at(mark.x, mark.y - 14);
  }
}

function boxOf({ text, x, y, anchor }: Label): Box {
  const width = text.length * CHARACTER;
  const left = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
  return { left, right: left + width, y };
}
