import { type KeyboardEvent, type PointerEvent, useRef } from 'react';
import type { Ribbon } from '../../api/types';
import { withShare } from './shares';

type Props = {
  ribbons: readonly Ribbon[];
  placed: readonly number[];
  darkFigures: readonly boolean[];
  picked: number;
  onPick: (index: number) => void;
  onChange: (ribbons: Ribbon[]) => void;
};

const HEM = 200;
const PER_PERCENT = 3.6;
const MOST = 8;

/** The ribbons of a look on a rod: width is the share wanted, the thin one beside it how much is placed so far. */
export function RibbonRod({ ribbons, placed, darkFigures, picked, onPick, onChange }: Props) {
  const isPlaced = placed.some((share) => share > 0);
  const add = () => {
    onChange(withShare([...ribbons, { name: `Colour ${ribbons.length + 1}`, hex: '#9CA88C', role: 'accent', percent: 1 }], ribbons.length, 10));
    onPick(ribbons.length);
  };
  return (
    <div className="relative mt-3">
      <div className="absolute inset-x-0 top-[5px] h-[7px] rounded bg-gradient-to-b from-[#b9bbb6] to-[#7c807b]" aria-hidden="true" />
      <div className="flex flex-wrap gap-x-1.5 gap-y-4">
        {ribbons.map((ribbon, i) => (
          <RibbonOnRod
            // biome-ignore lint/suspicious/noArrayIndexKey: a ribbon is its place on the rod; its name and colour are edited here
            key={i}
            ribbon={ribbon}
            actual={isPlaced ? (placed[i] ?? 0) : null}
            hasDarkFigure={darkFigures[i] ?? true}
            isPicked={i === picked}
            onPick={() => onPick(i)}
            onShare={(percent) => onChange(withShare(ribbons, i, percent))}
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
  hasDarkFigure: boolean;
  isPicked: boolean;
  onPick: () => void;
  onShare: (percent: number) => void;
};

function RibbonOnRod({ ribbon, actual, hasDarkFigure, isPicked, onPick, onShare }: OneProps) {
  const width = Math.max(42, ribbon.percent * PER_PERCENT);
  const off = actual === null ? null : Math.round(actual * 100) - ribbon.percent;
  return (
    <div style={{ minWidth: 78 }}>
      <div className="flex h-[244px] items-start gap-1.5">
        <div className="relative" style={{ width, height: HEM }}>
          <button type="button" aria-pressed={isPicked} aria-label={`Work on ${ribbon.name}`} onClick={onPick} className="absolute inset-0 block">
            <Cloth hex={ribbon.hex} width={width} isPicked={isPicked} />
          </button>
          <span
            className="pointer-events-none absolute inset-x-0 bottom-7 text-center font-display text-[26px] font-semibold"
            style={{ color: hasDarkFigure ? '#1F2421' : '#fff' }}
            aria-hidden="true"
          >
            {ribbon.percent}
          </span>
          <Grip ribbon={ribbon} onShare={onShare} onPick={onPick} />
        </div>
        {actual !== null && <Thin hex={ribbon.hex} share={actual / (ribbon.percent / 100)} percent={Math.round(actual * 100)} />}
      </div>
      <p className="leading-[17px]">
        <b className={isPicked ? 'border-b-2 border-yolk' : ''}>{ribbon.name}</b>
        <br />
        <span className="note">{ribbon.role}</span>
        <br />
        <b className="text-[12px]">{off === null ? 'nothing placed' : off === 0 ? 'just right' : off > 0 ? `${off} over` : `${-off} short`}</b>
      </p>
    </div>
  );
}

function Cloth({ hex, width, isPicked }: { hex: string; width: number; isPicked: boolean }) {
  return (
    <svg width={width} height={HEM} className="absolute inset-0 overflow-visible" aria-hidden="true">
      <path
        d={`M0 0H${width}V${HEM - 2}L${width / 2} ${HEM - 18}L0 ${HEM - 2}Z`}
        fill={hex}
        stroke={isPicked ? '#1F2421' : '#C7BA9C'}
        strokeWidth={isPicked ? 2 : 0.6}
      />
      <path d={`M${width * 0.3} 26V${HEM - 12}H${width * 0.46}V26Z`} fill="#fff" opacity=".09" />
      <path d={`M${width * 0.74} 26V${HEM - 10}H${width * 0.86}V26Z`} fill="#1F2421" opacity=".07" />
      <path d={`M0 12H${width}V26H0Z`} fill="#1F2421" opacity=".09" />
    </svg>
  );
}

/** The yellow grip at a ribbon's edge: pulled, or moved by arrow keys. */
function Grip({ ribbon, onShare, onPick }: { ribbon: Ribbon; onShare: (percent: number) => void; onPick: () => void }) {
  const start = useRef<{ x: number; percent: number } | null>(null);
  const handleKey = (event: KeyboardEvent) => {
    const step = event.shiftKey ? 5 : 1;
    if (event.key === 'ArrowRight' || event.key === 'ArrowUp') onShare(ribbon.percent + step);
    else if (event.key === 'ArrowLeft' || event.key === 'ArrowDown') onShare(ribbon.percent - step);
    else return;
    event.preventDefault();
  };
  const handleMove = (event: PointerEvent) => start.current && onShare(start.current.percent + (event.clientX - start.current.x) / PER_PERCENT);
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={`Share of ${ribbon.name}`}
      aria-valuenow={ribbon.percent}
      aria-valuemin={1}
      aria-valuemax={100}
      aria-valuetext={`${ribbon.percent} percent`}
      onKeyDown={handleKey}
      onFocus={onPick}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        start.current = { x: event.clientX, percent: ribbon.percent };
      }}
      onPointerMove={handleMove}
      onPointerUp={() => {
        start.current = null;
      }}
      className="absolute top-[40%] -right-[11px] h-9 w-6 cursor-ew-resize touch-none px-[5px]"
    >
      <span className="block border border-ink bg-yolk text-center text-[11px]/[34px]" aria-hidden="true">
        ‖
      </span>
    </div>
  );
}

/** The thin ribbon: reaches the hem when as much is placed as is wanted. */
function Thin({ hex, share, percent }: { hex: string; share: number; percent: number }) {
  const length = Math.max(10, Math.min(1.15, share) * (HEM - 2));
  return (
    <svg width="22" height={HEM + 44} className="overflow-visible" aria-hidden="true">
      <path d={`M0 6H11V${length}l-5.5 -5l-5.5 5Z`} fill={hex} stroke="#C7BA9C" strokeWidth=".6" />
      <text x="5" y={length + 13} fontSize="12" fontWeight="600" textAnchor="middle" fill="#1F2421">
        {percent}
      </text>
    </svg>
  );
}
