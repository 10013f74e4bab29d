import { leaf, rng, sprig } from '../../silhouettes/geometry';
import { shade } from '../../silhouettes/tone';
import { along, type PlacedMark, pathOf } from './benchFrame';

type Props = {
  mark: PlacedMark;
  /** The accent of the look, for ribbon and baubles. */
  accent: string;
  /** Of the owned piece it shows. */
  colours: readonly string[] | undefined;
  seed: string;
  /** px of an inch in this picture. */
  inch: number;
};

const GREEN = '#5b6b4c';
const WOOD = '#8f7b5e';
const CLAY = '#b98a63';

/** One mark of a picture, drawn as what it is. */
export function BenchMark(props: Props) {
  const { mark } = props;
  switch (mark.role) {
    case 'garland':
    case 'ghost':
      return <Greenery {...props} />;
    case 'tree':
      return <Tree {...props} />;
    case 'light':
      return mark.form === 'line' ? <Strand {...props} /> : null;
    case 'beads':
      return <Beads {...props} />;
    case 'ribbon':
    case 'bow':
      return <Ribbon {...props} />;
    case 'join':
    case 'hook':
    case 'plug':
    case 'end':
      return <Fixing {...props} />;
    case 'stem':
    case 'ball':
    case 'fill':
      return <Grown {...props} />;
    default:
      return <Plain {...props} />;
  }
}

function Greenery({ mark, colours, seed, inch }: Props) {
  const path = pathOf(mark.points);
  const half = Math.max(6, Math.min(20, 2.6 * inch));
  if (mark.role === 'ghost')
    return (
      <g fill="none" stroke="var(--color-ink-3)">
        <path d={path} strokeWidth={2 * half} strokeLinecap="round" opacity=".1" />
        <path d={path} strokeWidth="1.5" strokeDasharray="5 4" transform={`translate(0 ${-half})`} />
        <path d={path} strokeWidth="1.5" strokeDasharray="5 4" transform={`translate(0 ${half})`} />
      </g>
    );
  return <Foliage points={mark.points} half={half} base={colours?.[0] ?? GREEN} seed={seed} />;
}

type FoliageProps = { points: PlacedMark['points']; half: number; base: string; seed: string; hasCore?: boolean };

/** Sprigs of four tones to either side of a line. */
function Foliage({ points, half, base, seed, hasCore = true }: FoliageProps) {
  const random = rng(seed);
  const tones = [shade(base, -0.26), shade(base, -0.08), base, shade(base, 0.18)];
  const sprigs = ['', '', '', ''];
  for (const { x, y, angle } of along(points, Math.max(3.5, half * 0.42))) {
    for (let i = 0; i < 4; i++) {
      const way = angle + (i % 2 === 0 ? 1 : -1) * (0.35 + random() * 0.75);
      sprigs[i] += sprig(
        x + (random() - 0.5) * half * 0.5,
        y + (random() - 0.5) * half * 0.5,
        half * (0.85 + random() * 0.45),
        half * 0.42,
        way,
        3,
        random,
      );
    }
  }
  return (
    <g>
      {hasCore && <path d={pathOf(points)} fill="none" stroke={shade(base, -0.4)} strokeWidth={half * 0.7} strokeLinecap="round" />}
      {sprigs.map((d, i) => (
        <path key={tones[i]} d={d} fill={tones[i]} />
      ))}
    </g>
  );
}

/** A cone of boughs, tier over tier, under its bands. */
function Tree({ mark, seed }: Props) {
  const [foot, right, tip] = mark.points;
  if (!foot || !right || !tip) return null;
  const height = foot[1] - tip[1];
  const half = (right[0] - foot[0]) / 2;
  const rows = Array.from({ length: 14 }, (_, i) => i / 14);
  return (
    <g>
      {rows.map((up) => (
        <Foliage
          key={up}
          points={[
            [tip[0] - half * (1 - up) * 0.96, foot[1] - height * up * 0.97 - 4],
            [tip[0] + half * (1 - up) * 0.96, foot[1] - height * up * 0.97 - 4],
          ]}
          half={Math.max(5, height / 20)}
          base={GREEN}
          seed={`${seed} ${up}`}
          hasCore={false}
        />
      ))}
    </g>
  );
}

function Strand({ mark, seed }: Props) {
  const random = rng(seed);
  return (
    <g>
      <path d={pathOf(mark.points)} fill="none" stroke="#2f3b33" strokeWidth="1.2" />
      {along(mark.points, 11).map(({ x, y }) => (
        <circle key={`${x} ${y}`} cx={x} cy={y + (random() - 0.5) * 12} r="2.6" fill="#fff3c4" stroke="#b98612" strokeWidth=".8" />
      ))}
    </g>
  );
}

function Beads({ mark, accent }: Props) {
  return (
    <g>
      {along(mark.points, 7).map(({ x, y }) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r="3.4" fill={accent} stroke={shade(accent, -0.3)} strokeWidth=".7" />
      ))}
    </g>
  );
}

function Ribbon({ mark, accent, inch }: Props) {
  const dark = shade(accent, -0.25);
  if (mark.role === 'bow') {
    const [x, y, w, h] = mark.form === 'box' ? [mark.x + mark.w / 2, mark.y + mark.h / 2, mark.w / 2, mark.h / 2] : [mark.x, mark.y, mark.w, mark.h];
    return (
      <g fill={accent} stroke={dark} strokeWidth="1">
        <path d={`M${x} ${y}q${-w * 0.6} ${-h * 1.4} ${-w} ${-h * 0.3}q${-w * 0.1} ${h * 0.9} ${w} ${h * 0.3}`} />
        <path d={`M${x} ${y}q${w * 0.6} ${-h * 1.4} ${w} ${-h * 0.3}q${w * 0.1} ${h * 0.9} ${-w} ${h * 0.3}`} />
        <path d={`M${x} ${y}l${-w * 0.5} ${h * 1.5}l${w * 0.3} ${-h * 0.2}zM${x} ${y}l${w * 0.5} ${h * 1.5}l${-w * 0.3} ${-h * 0.2}z`} />
        <circle cx={x} cy={y} r={Math.max(2.5, w * 0.16)} fill={dark} />
      </g>
    );
  }
  if (mark.form === 'line')
    return (
      <path
        d={pathOf(mark.points)}
        fill="none"
        stroke={accent}
        strokeWidth={Math.max(3, Math.min(9, inch * 1.4))}
        strokeLinejoin="round"
        opacity=".92"
      />
    );
  if (mark.form === 'box') return <Soft mark={mark} fill={accent} />;
  return <path d={`${pathOf(mark.points)}Z`} fill={accent} stroke={dark} strokeWidth=".7" />;
}

function Fixing({ mark }: Props) {
  const { x, y } = mark;
  if (mark.role === 'join')
    return <path d={`M${x - 5} ${y - 9}l10 18M${x + 5} ${y - 9}l-10 18M${x} ${y - 11}v22`} stroke="var(--color-ink)" strokeWidth="1.6" />;
  if (mark.role === 'hook')
    return (
      <g fill="none" strokeLinecap="round">
        <path d={`M${x} ${y - 16}v16a5 5 0 0 0 10 0`} stroke="var(--color-paper)" strokeWidth="6" />
        <path d={`M${x} ${y - 16}v16a5 5 0 0 0 10 0`} stroke="var(--color-ink)" strokeWidth="2.4" />
        <circle cx={x} cy={y - 17} r="3" fill="var(--color-yolk)" stroke="var(--color-ink)" strokeWidth="1.2" />
      </g>
    );
  if (mark.role === 'plug')
    return (
      <g stroke="var(--color-ink)" strokeWidth="1.4">
        <rect x={x - 7} y={y - 6} width="14" height="12" rx="2" fill="var(--color-yolk)" />
        <path d={`M${x - 3} ${y - 6}v-5M${x + 3} ${y - 6}v-5`} />
      </g>
    );
  return <path d={`M${x} ${y - 9}v18`} stroke="var(--color-ink)" strokeWidth="2" />;
}

function Grown({ mark, accent, seed }: Props) {
  if (mark.role === 'stem' && mark.form === 'line') {
    const [x, y] = mark.points.at(-1) ?? [0, 0];
    const [px, py] = mark.points.at(-2) ?? [x, y];
    const way = Math.atan2(y - py, x - px);
    const leaves = [0.45, 0.62, 0.78, 0.92]
      .map((part, i) => leaf(px + (x - px) * part, py + (y - py) * part, 15, 5, way + (i % 2 === 0 ? 0.9 : -0.9)))
      .join('');
    return (
      <g>
        <path d={pathOf(mark.points)} fill="none" stroke={shade(GREEN, -0.3)} strokeWidth="1.6" />
        <path d={leaves + leaf(x, y, 13, 5, way)} fill={rng(seed)() > 0.5 ? GREEN : shade(GREEN, 0.16)} />
      </g>
    );
  }
  const radius = Math.max(2, mark.w);
  if (mark.role === 'stem')
    return <path d={[-2.4, -1.9, -1.3, -0.8].map((way) => leaf(mark.x, mark.y + radius, radius * 2.4, radius * 0.7, way)).join('')} fill={accent} />;
  const fill = mark.role === 'fill' ? CLAY : accent;
  return (
    <g>
      <circle cx={mark.x} cy={mark.y} r={radius} fill={fill} stroke={shade(fill, -0.25)} strokeWidth=".8" />
      {radius > 3 && <circle cx={mark.x - radius * 0.3} cy={mark.y - radius * 0.3} r={radius * 0.24} fill={shade(fill, 0.4)} />}
    </g>
  );
}

const LOOKS: Partial<Record<PlacedMark['role'], { fill: string; stroke: string; dash?: string }>> = {
  surface: { fill: 'var(--color-ledge)', stroke: 'var(--color-lip)' },
  outline: { fill: 'none', stroke: WOOD },
  rest: { fill: 'none', stroke: 'var(--color-ink)', dash: '6 4' },
  seat: { fill: 'var(--color-wall)', stroke: 'var(--color-line-2)', dash: '4 3' },
  setting: { fill: 'var(--color-card)', stroke: 'var(--color-ink-3)' },
  centre: { fill: 'none', stroke: 'var(--color-ink)', dash: '5 4' },
  cloth: { fill: 'var(--color-card)', stroke: 'var(--color-line-2)' },
  base: { fill: 'url(#bench-base)', stroke: 'var(--color-ink-3)' },
  level: { fill: 'none', stroke: 'var(--color-ink-3)', dash: '3 3' },
  limit: { fill: 'none', stroke: 'var(--color-ink)' },
  load: { fill: 'var(--color-yolk-soft)', stroke: '#b98612' },
};

function Plain({ mark, accent, seed }: Props) {
  if (mark.role === 'cushion') return <Soft mark={mark} fill="#d9d2c2" />;
  if (mark.role === 'hung') return <Hung mark={mark} accent={accent} seed={seed} />;
  const look = LOOKS[mark.role] ?? { fill: 'none', stroke: 'var(--color-ink-3)' };
  const style = { fill: look.fill, stroke: look.stroke, strokeWidth: mark.role === 'limit' ? 2 : 1.3, strokeDasharray: look.dash };
  switch (mark.form) {
    case 'box':
      return (
        <g>
          <rect x={mark.x} y={mark.y} width={mark.w} height={mark.h} {...style} />
          {mark.role === 'cloth' && mark.w > 20 && mark.h > 12 && (
            <rect
              x={mark.x + 4}
              y={mark.y + 4}
              width={mark.w - 8}
              height={mark.h - 8}
              fill="none"
              stroke="var(--color-line-2)"
              strokeDasharray="2 3"
            />
          )}
        </g>
      );
    case 'round':
      return (
        <g>
          <ellipse cx={mark.x} cy={mark.y} rx={mark.w} ry={mark.h} {...style} />
          {mark.role === 'cloth' && mark.w > 20 && mark.h > 12 && (
            <ellipse cx={mark.x} cy={mark.y} rx={mark.w - 5} ry={mark.h - 5} fill="none" stroke="var(--color-line-2)" strokeDasharray="2 3" />
          )}
        </g>
      );
    case 'area':
      return <path d={`${pathOf(mark.points)}Z`} {...style} />;
    default:
      return <path d={pathOf(mark.points)} {...style} fill="none" />;
  }
}

/** A cushion: corners pulled out, sides drawn in. */
function Soft({ mark: { x, y, w, h }, fill }: { mark: PlacedMark; fill: string }) {
  const inward = Math.min(w, h) * 0.05;
  const d = `M${x} ${y}Q${x + w / 2} ${y + inward} ${x + w} ${y}Q${x + w - inward} ${y + h / 2} ${x + w} ${y + h}
    Q${x + w / 2} ${y + h - inward} ${x} ${y + h}Q${x + inward} ${y + h / 2} ${x} ${y}Z`;
  return <path d={d} fill={fill} stroke={shade(fill, -0.3)} strokeWidth="1.2" />;
}

/** A frame with its mount, or a wreath as a ring; both cast the shadow of paper. */
function Hung({ mark, accent, seed }: { mark: PlacedMark; accent: string; seed: string }) {
  if (mark.form === 'round')
    return (
      <g className="pc">
        <Foliage points={ring(mark)} half={Math.max(3, mark.w * 0.24)} base={GREEN} seed={seed} />
      </g>
    );
  if (mark.form === 'area') return <path className="pc" d={`${pathOf(mark.points)}Z`} fill={accent} stroke={shade(accent, -0.3)} />;
  const rim = Math.min(mark.w, mark.h) * 0.09;
  return (
    <g className="pc">
      <rect x={mark.x} y={mark.y} width={mark.w} height={mark.h} fill={WOOD} />
      <rect x={mark.x + rim} y={mark.y + rim} width={mark.w - 2 * rim} height={mark.h - 2 * rim} fill="var(--color-card)" />
      <rect x={mark.x + rim * 2.2} y={mark.y + rim * 2.2} width={mark.w - rim * 4.4} height={mark.h - rim * 4.4} fill={accent} opacity=".8" />
    </g>
  );
}

/** Points round the middle of a wreath's body. */
const ring = ({ x, y, w, h }: PlacedMark): PlacedMark['points'] =>
  Array.from({ length: 33 }, (_, i) => [x + Math.cos((i * Math.PI) / 16) * w * 0.74, y + Math.sin((i * Math.PI) / 16) * h * 0.74]);
