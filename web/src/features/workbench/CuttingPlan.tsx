import { useSwap, useWriting } from '../../api/home';
import type { CutRoll } from '../../api/types';

const RIBBON = '#9c4a3c';

/** The cutting plan, roll by roll to one scale: each cut with its slanted ends, and what is left hatched. */
export function CuttingPlan({ cuts }: { cuts: readonly CutRoll[] }) {
  const write = useWriting();
  const look = useSwap()?.look;
  const colour = look?.ribbons.find((one) => one.role === 'accent')?.hex ?? RIBBON;
  const longest = Math.max(...cuts.map((roll) => roll.length));
  const numbered = alike(cuts);
  return (
    <section aria-label="Cutting plan" className="print-keep mt-4">
      <h3 className="panel-title">Cutting plan</h3>
      <ol className="mt-1 grid gap-2">
        {numbered.map(({ roll, count, key }) => (
          <li key={key}>
            <p className="note">
              <b className="text-ink">
                {count > 1 && `${count} × `}
                {roll.name}
              </b>
              , {write.run(roll.length)}: {roll.said}; {roll.rest === 0 ? 'nothing left' : `${write.run(roll.rest)} left`}
            </p>
            <svg viewBox="0 0 800 26" className="block w-full" role="img" aria-label={`${roll.name}: ${roll.said}`} preserveAspectRatio="none">
              <Cuts roll={roll} scale={800 / longest} colour={colour} />
            </svg>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Cuts({ roll, scale, colour }: { roll: CutRoll; scale: number; colour: string }) {
  const starts = [0];
  for (const cut of roll.cuts) starts.push((starts.at(-1) ?? 0) + cut);
  const end = starts.at(-1) ?? 0;
  return (
    <g>
      <defs>
        <pattern id="left-over" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V6" stroke="var(--color-ink-3)" />
        </pattern>
      </defs>
      {roll.cuts.map((cut, i) => {
        const x = (starts[i] ?? 0) * scale;
        const slant = Math.min(5, (cut * scale) / 4);
        return (
          <path
            // biome-ignore lint/suspicious/noArrayIndexKey: cuts of one length are told apart by their place alone
            key={i}
            d={`M${x + slant} 3H${x + cut * scale}L${x + cut * scale - slant} 23H${x}Z`}
            fill={colour}
            stroke="var(--color-card)"
            strokeWidth="1.5"
          />
        );
      })}
      {roll.rest > 0 && <rect x={end * scale} y="3" width={roll.rest * scale} height="20" fill="url(#left-over)" stroke="var(--color-line-2)" />}
    </g>
  );
}

/** Rolls that are cut in the same way are drawn once. */
function alike(cuts: readonly CutRoll[]): { roll: CutRoll; count: number; key: string }[] {
  const groups = new Map<string, { roll: CutRoll; count: number; key: string }>();
  for (const roll of cuts) {
    const key = `${roll.piece} ${roll.length} ${roll.cuts.join()}`;
    const group = groups.get(key);
    if (group) group.count++;
    else groups.set(key, { roll, count: 1, key });
  }
  return [...groups.values()];
}
