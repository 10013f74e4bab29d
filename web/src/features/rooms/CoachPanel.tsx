import type { ReactNode } from 'react';
import type { Dressing, Finding, Remedy, Spot } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { counted } from '../../lib/text';

type Props = {
  dressing: Dressing;
  form: Spot['form'];
  /** By which school and colours the spot is judged, to be chosen. */
  taste: ReactNode;
  remedies: readonly Remedy[];
  onPoint: (placement: string) => void;
  onRemedy: (remedy: Remedy) => void;
  /** Leaves findings as they are, by code; undefined when nothing can be changed. */
  onLeave: ((overruled: Finding['code'][]) => void) | undefined;
};

/** What to begin with, by the form of the spot. */
const BARE: Partial<Record<Spot['form'], string>> = {
  ledge: 'Nothing stands here yet. Start with one large piece, a little off the middle or right on it.',
  tiers: 'The boards are bare. Start with the largest piece on the board that the eye meets first, then cross over to the next.',
  table: 'The table is bare. Start with what lies in the middle, low enough to be talked over.',
  panel: 'Nothing hangs here yet. One large piece at the height of the eye says more than many.',
  run: 'The rail is bare. Start with the garland, from the end that everybody sees.',
  seat: 'No cushions yet. Plain ones at the back first, colour and pattern before them, a throw at one end.',
  floor: 'Nothing stands here yet. Start with one tall piece, out of the way.',
  cone: 'Start with the tree itself; then lights, garlands and baubles go on it, band by band.',
};

/** What the coach says: what cannot be and what to look at again, with figure, aim and what would better it; then what is good. */
export function CoachPanel({ dressing: { findings, needs, score }, taste, form, remedies, onPoint, onRemedy, onLeave }: Props) {
  const open = findings.filter((one) => one.verdict !== 'good' && !one.isOverruled);
  const overruled = findings.filter((one) => one.isOverruled);
  const good = findings.filter((one) => one.verdict === 'good');
  const wanted = needs.filter((need) => need.filledBy === null);
  return (
    <aside aria-label="Coach" className="no-print border-l border-line bg-card px-4 py-3 max-xl:col-span-2 max-xl:border-t" data-testid="coach">
      <div className="flex items-baseline justify-between">
        <h2 className="text-[19px]/[24px]">Coach</h2>
        <span className="note">
          {score !== null && <b className="font-display text-[15px] text-ink">{score}</b>} {good.length} of {findings.length} met
        </span>
      </div>
      {taste}
      {findings.length === 0 && <p className="mt-2">{BARE[form] ?? BARE.ledge}</p>}
      <ul className="rows mt-2">
        {open.map((finding) => (
          <li key={finding.code} className="flex gap-2 py-2.5">
            <Triangle />
            <div className="min-w-0 flex-1">
              <h3 className="text-[14px]/[18px]">
                {finding.title} <span className="font-text text-[12px] font-normal text-ink-2">{finding.verdict}</span>
              </h3>
              <p>
                <b>{finding.figure}</b>
                <span className="text-ink-2">, want {finding.aim}</span>
              </p>
              {finding.band && <BandDrawing {...finding.band} />}
              {finding.reason && <p className="mt-1 bg-wall px-2 py-1.5">{finding.reason}</p>}
              <Remedies remedies={remedies.filter((one) => one.answers === finding.code)} onRemedy={onRemedy} />
              {onLeave && finding.canBeLeft && (
                <button type="button" className="link mt-1 mr-3" onClick={() => onLeave([...overruled.map((one) => one.code), finding.code])}>
                  Leave it so
                </button>
              )}
              {finding.placements[0] !== undefined && (
                <button type="button" className="link mt-1" onClick={() => onPoint(finding.placements[0] ?? '')}>
                  Show which
                </button>
              )}
            </div>
          </li>
        ))}
        {good.map((finding) => (
          <li key={finding.code} className="grid grid-cols-[18px_92px_1fr] gap-1.5 py-1.5">
            <svg width="15" height="15" viewBox="0 0 15 15" aria-label="good" role="img" className="mt-0.5">
              <circle cx="7.5" cy="7.5" r="7.5" fill="#1E4D45" />
              <path d="m4 7.6 2.4 2.4L11 5.2" fill="none" stroke="#fff" strokeWidth="1.7" strokeLinecap="round" />
            </svg>
            <b>{finding.title}</b>
            <span className="text-ink-2">{finding.figure}</span>
          </li>
        ))}
      </ul>
      {overruled.length > 0 && (
        <section className="mt-3 border-t border-line pt-2">
          <h3 className="text-[14px]/[18px]">Left so by you</h3>
          <ul>
            {overruled.map((finding) => (
              <li key={finding.code} className="flex justify-between gap-2 py-1">
                <span>
                  {finding.title}: {finding.figure}
                </span>
                {onLeave && (
                  <button
                    type="button"
                    className="link"
                    onClick={() => onLeave(overruled.filter((one) => one.code !== finding.code).map((one) => one.code))}
                  >
                    Judge it again
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
      )}
      {wanted.length > 0 && (
        <section className="mt-3 border-t border-line pt-2">
          <h3 className="text-[14px]/[18px]">{counted(wanted.length, 'gap')} written down</h3>
          <ul>
            {wanted.map((need) => (
              <li key={need.id}>◌ {need.text}</li>
            ))}
          </ul>
        </section>
      )}
    </aside>
  );
}

function BandDrawing({ value, low, high }: { value: number; low: number; high: number }) {
  const at = (share: number) => Math.max(0, Math.min(1, share)) * 220 + 4;
  return (
    <svg width="228" height="20" viewBox="0 0 228 20" aria-hidden="true" className="my-1">
      <rect x="4" y="8" width="220" height="6" fill="#ECE8DE" />
      <rect x={at(low)} y="8" width={Math.max(2, at(high) - at(low))} height="6" fill="#1E4D45" />
      <path d={`M${at(value) - 5} 0h10l-5 8ZM${at(value)} 8v8`} fill="#1F2421" stroke="#1F2421" />
    </svg>
  );
}

/** Acts that were tried: each one click away, with the score of the whole before and after. */
function Remedies({ remedies, onRemedy }: { remedies: readonly Remedy[]; onRemedy: (remedy: Remedy) => void }) {
  return (
    <ul data-testid="remedies">
      {remedies.map((remedy) => (
        <li key={remedy.says} className="mt-1">
          <button
            type="button"
            className="tagcard flex w-full items-baseline justify-between gap-2 px-2 py-1 text-left hover:bg-yolk-soft"
            onClick={() => onRemedy(remedy)}
          >
            <span>{remedy.says}</span>
            <span className="whitespace-nowrap text-[12px] text-ink-2">
              {remedy.before} → <b className="text-ink">{remedy.after}</b>
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
