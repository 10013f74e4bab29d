import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { Ribbon } from '../../api/types';
import { RIBBON_ROLES } from '../../api/words';
import { withShare } from './shares';

type Props = { ribbons: readonly Ribbon[]; placed: readonly number[]; onChange: (ribbons: Ribbon[]) => void };

const HEM = 216;
const PER_PERCENT = 3.6;
const MOST = 8;

/** The ribbons of a look on a rod: width is the share wanted, the thin one beside it how much is placed so far. */
export function RibbonRod({ ribbons, placed, onChange }: Props) {
  const isPlaced = placed.some((share) => share > 0);
  const add = () =>
    onChange(withShare([...ribbons, { name: `Colour ${ribbons.length + 1}`, hex: '#9CA88C', role: 'accent', percent: 1 }], ribbons.length, 10));
  return (
    <div className="relative mt-4">
      <div className="absolute inset-x-0 top-[5px] h-[7px] rounded bg-gradient-to-b from-[#b9bbb6] to-[#7c807b]" aria-hidden="true" />
      <div className="flex flex-wrap gap-x-1.5 gap-y-6">
        {ribbons.map((ribbon, i) => (
          <RibbonOnRod
            // biome-ignore lint/suspicious/noArrayIndexKey: a ribbon is its place on the rod; its name and colour are edited here
            key={i}
            ribbon={ribbon}
            actual={isPlaced ? (placed[i] ?? 0) : null}
            onShare={(percent) => onChange(withShare(ribbons, i, percent))}
            onChange={(part) => onChange(ribbons.map((one, j) => (j === i ? { ...one, ...part } : one)))}
            onRemove={() =>
              onChange(
                withShare(
                  ribbons.filter((_, j) => j !== i),
                  0,
                  ribbons[i === 0 ? 1 : 0]?.percent ?? 100,
                ),
              )
            }
          />
        ))}
        {ribbons.length < MOST && (
          <button type="button" onClick={add} className="mt-4 h-[64px] w-[58px] border border-dashed border-ink-3 text-ink-2">
            + ribbon
          </button>
        )}
      </div>
    </div>
  );
}

type OneProps = {
  ribbon: Ribbon;
  actual: number | null;
  onShare: (percent: number) => void;
  onChange: (part: Partial<Ribbon>) => void;
  onRemove: () => void;
};

function RibbonOnRod({ ribbon, actual, onShare, onChange, onRemove }: OneProps) {
  const start = useRef<{ x: number; percent: number } | null>(null);
  const width = Math.max(42, ribbon.percent * PER_PERCENT);
  const handleKey = (event: KeyboardEvent) => {
    const step = event.shiftKey ? 5 : 1;
    if (event.key === 'ArrowRight' || event.key === 'ArrowUp') onShare(ribbon.percent + step);
    else if (event.key === 'ArrowLeft' || event.key === 'ArrowDown') onShare(ribbon.percent - step);
    else return;
    event.preventDefault();
  };
  const handleMove = (event: PointerEvent) => start.current && onShare(start.current.percent + (event.clientX - start.current.x) / PER_PERCENT);
  const thin = actual === null ? 0 : Math.min(1.25, actual / (ribbon.percent / 100)) * HEM;
  const off = actual === null ? null : Math.round(actual * 100) - ribbon.percent;
  return (
    <div style={{ minWidth: 112 }}>
      <div className="flex items-start gap-1.5">
        <div className="relative" style={{ width, height: HEM }}>
          <svg width={width} height={HEM} className="absolute inset-0" aria-hidden="true">
            <path d={`M0 0H${width}V${HEM - 2}L${width / 2} ${HEM - 18}L0 ${HEM - 2}Z`} fill={ribbon.hex} stroke="#C7BA9C" strokeWidth=".6" />
            <path d={`M0 12H${width}V26H0Z`} fill="#1F2421" opacity=".09" />
          </svg>
          <span
            className="absolute inset-x-0 bottom-7 text-center font-display text-[26px] font-semibold"
            style={{ color: isPale(ribbon.hex) ? '#1F2421' : '#fff' }}
          >
            {ribbon.percent}
          </span>
          <div
            role="slider"
            tabIndex={0}
            aria-label={`Share of ${ribbon.name}`}
            aria-valuenow={ribbon.percent}
            aria-valuemin={1}
            aria-valuemax={100}
            aria-valuetext={`${ribbon.percent} percent`}
            onKeyDown={handleKey}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              start.current = { x: event.clientX, percent: ribbon.percent };
            }}
            onPointerMove={handleMove}
            onPointerUp={() => {
              start.current = null;
            }}
            className="absolute top-[44%] -right-1.5 h-9 w-3.5 cursor-ew-resize touch-none border border-ink bg-yolk text-center text-[11px]/[34px]"
          >
            ‖
          </div>
        </div>
        {actual !== null && (
          <svg width="12" height={HEM + 56} aria-hidden="true">
            <path d={`M0 6H11V${thin}l-5.5 -5l-5.5 5Z`} fill={ribbon.hex} stroke="#C7BA9C" strokeWidth=".6" />
          </svg>
        )}
      </div>
      <div className={`grid gap-1 ${actual === null ? 'mt-2' : '-mt-12'}`} style={{ width: Math.max(104, width) }}>
        <input
          aria-label="Name of the ribbon"
          value={ribbon.name}
          onChange={(event) => onChange({ name: event.target.value })}
          className="w-full min-w-0 border-0 border-b border-line-2 bg-transparent px-0 font-bold"
        />
        <div className="flex gap-1">
          <input
            aria-label={`Colour of ${ribbon.name}`}
            type="color"
            value={ribbon.hex}
            onChange={(event) => onChange({ hex: event.target.value })}
          />
          <select
            aria-label={`Role of ${ribbon.name}`}
            value={ribbon.role}
            className="min-w-0 flex-1 px-1"
            onChange={(event) => onChange({ role: RIBBON_ROLES.find((role) => role === event.target.value) ?? 'accent' })}
          >
            {RIBBON_ROLES.map((role) => (
              <option key={role}>{role}</option>
            ))}
          </select>
        </div>
        <span className="flex justify-between">
          <b>{off === null ? 'nothing placed yet' : off === 0 ? 'just right' : off > 0 ? `${off} over` : `${-off} short`}</b>
          <button type="button" className="link font-normal text-ink-2" onClick={onRemove} aria-label={`Take ${ribbon.name} off`}>
            off
          </button>
        </span>
      </div>
    </div>
  );
}

/** Whether dark figures read better on it; by relative luminance (WCAG 2). */
function isPale(hex: string): boolean {
  const part = (at: number) => {
    const value = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
  };
  return 0.2126 * part(1) + 0.7152 * part(3) + 0.0722 * part(5) > 0.18;
}
