import { useQuery } from '@tanstack/react-query';
import { useRef } from 'react';
import { Link } from 'react-router';
import { useHouse } from '../../api/home';
import { reckonedQuery } from '../../api/queries';
import type { KeptSum, Reckoned, Spot, Sum, Swap, Workbench } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { useNarrow } from '../../lib/useNarrow';
import { useSettled } from '../../lib/useSettled';
import { Bench } from './Bench';
import { CuttingPlan } from './CuttingPlan';
import { Drawer } from './Drawer';
import { FromCupboard } from './FromCupboard';
import { KeepBar } from './KeepBar';
import { SumFields } from './SumFields';
import { SumList } from './SumList';
import { useSumValues } from './useSumValues';
import { Working } from './Working';

type Props = {
  bench: Workbench;
  sum: Sum;
  kept: KeptSum | undefined;
  spot: Spot | undefined;
  swap: Swap | undefined;
  /** The gap it is reckoned for. */
  need: string | null;
};

const PAUSE_MS = 120;

/** One sum on the bench: what it comes to, its picture with the tape along it, what the cupboard gives, and how it was reckoned. */
export function WorkbenchView({ bench, sum, kept, spot, swap, need }: Props) {
  const { home } = useHouse();
  const values = useSumValues(kept);
  const body = { values: values.values(sum), swap: swap?.id ?? null, spot: spot?.id ?? null };
  const settled = useSettled(body, PAUSE_MS);
  const answer = useQuery(reckonedQuery(home.id, sum.sum, settled.values.length > 0 ? settled : body));
  const good = useLastGood(answer.data, sum);
  const isOff = answer.error !== null;
  const isNarrow = useNarrow();
  const fields = <SumFields sum={sum} values={values} error={answer.error} />;
  return (
    <div
      className="grid min-h-[calc(100vh-96px)] grid-cols-[168px_minmax(0,1fr)_300px] max-xl:grid-cols-[150px_minmax(0,1fr)_270px]
      max-lg:grid-cols-[minmax(0,1fr)_270px] max-md:block max-md:pb-24 print:block"
    >
      <SumList bench={bench} sum={sum} kept={kept} spot={spot} need={need} />
      {isNarrow && (
        <details className="no-print mx-3 mt-3 border border-line-2 bg-wall px-3 py-2" open={isOff || undefined}>
          <summary className="min-h-[28px] cursor-pointer font-semibold">Change the figures</summary>
          {fields}
        </details>
      )}
      <div className="min-w-0 px-4 pt-3 max-md:px-3">
        <div className="flex flex-wrap items-baseline gap-x-3">
          <h2 className="text-[22px]/[28px]">
            {sum.name} {spot && <span className="font-text text-[15px] font-normal text-ink-2">for {spot.name}</span>}
          </h2>
          <p className="note flex-1">{sum.about}</p>
          <button type="button" className="btn no-print" onClick={() => window.print()}>
            Print
          </button>
          {spot && swap && (
            <Link className="btn no-print" to={`/homes/${home.id}/swaps/${swap.id}/rooms/${spot.id}`}>
              Back to {spot.name}
            </Link>
          )}
        </div>
        {sum.notes.map((said) => (
          <p key={said} className="note mt-1 border-l-4 border-yolk bg-card px-3 py-1">
            {said}
          </p>
        ))}
        {kept && <KeptThen kept={kept} />}
        {good ? (
          <div aria-live="polite" aria-busy={answer.isFetching} className={isOff ? 'opacity-60' : ''} data-testid="reckoned">
            <Figures reckoned={good} isOff={isOff} />
            <Bench sketch={good.sketch} name={sum.name} figures={good.figures} />
            <Drawer sketch={good.sketch} supplies={good.supplies} />
            {good.cuts.length > 0 && <CuttingPlan cuts={good.cuts} />}
            <FromCupboard reckoned={good} body={body} sum={sum} swap={swap} need={need} isOff={isOff} />
            <Working lines={good.working} />
            {good.tasks.length > 0 && (
              <p className="note mt-2">
                <b>On the day:</b> {good.tasks.join('; ')}. {swap && 'Kept for this swap, it is a task of the day sheet.'}
              </p>
            )}
            <Cautions said={good.cautions} />
          </div>
        ) : (
          <p className="note mt-4">{isOff ? 'Put right what is marked in the fields.' : 'Reckoning…'}</p>
        )}
        <Given sum={sum} lines={values.asked(sum).map((ask) => [ask.label, values.text(sum, ask)])} />
        <KeepBar key={sum.sum} sum={sum} kept={kept?.sum === sum.sum ? kept : undefined} values={body.values} spot={spot} swap={swap} isOff={isOff} />
      </div>
      {!isNarrow && <aside className="no-print border-l border-line bg-wall px-4 pt-3 pb-8">{fields}</aside>}
    </div>
  );
}

/** While something in the fields cannot be taken, the last answer of the same sum stays. */
function useLastGood(now: Reckoned | undefined, sum: Sum): Reckoned | undefined {
  const last = useRef<Reckoned>(undefined);
  if (now?.sum === sum.sum) last.current = now;
  return last.current?.sum === sum.sum ? last.current : undefined;
}

function Figures({ reckoned, isOff }: { reckoned: Reckoned; isOff: boolean }) {
  const [first, ...others] = reckoned.figures;
  return (
    <div className="mt-2" data-testid="figures">
      <p className="font-display text-[24px]/[30px] font-semibold tracking-[-0.02em]">{first}</p>
      <ul className="mt-1 flex flex-wrap gap-2">
        {others.map((figure) => (
          <li key={figure} className="hangtag h-auto min-h-[22px] px-2 py-0.5 leading-[18px]">
            {figure}
          </li>
        ))}
      </ul>
      {isOff && <p className="note mt-1 font-semibold">This is the last answer; a field cannot be taken as it is.</p>}
    </div>
  );
}

function Cautions({ said }: { said: readonly string[] }) {
  if (said.length === 0) return null;
  return (
    <ul className="mt-3 grid gap-1" aria-label="What to mind">
      {said.map((one) => (
        <li key={one} className="flex gap-2">
          <Triangle />
          <span>{one}</span>
        </li>
      ))}
    </ul>
  );
}

function KeptThen({ kept }: { kept: KeptSum }) {
  return (
    <p className="note mt-1 border-l-4 border-line-2 bg-card px-3 py-1" data-testid="kept-then">
      “{kept.name}” came to {kept.said.join('; ')} when it was kept on {kept.keptOn}.{' '}
      {kept.used !== null && (
        <b>
          It took {kept.used} of {kept.reckoned} reckoned{kept.more ? ` (${kept.more > 0 ? '+' : ''}${kept.more} %)` : ''}.
        </b>
      )}
    </p>
  );
}

/** On paper: the figures it was reckoned from. */
function Given({ sum, lines }: { sum: Sum; lines: readonly (readonly [string, string])[] }) {
  return (
    <section className="mt-3 hidden print:block" aria-hidden="true">
      <b>{sum.name} reckoned from: </b>
      {lines
        .filter(([, text]) => text !== '')
        .map(([label, text]) => `${label}: ${text}`)
        .join('; ')}
    </section>
  );
}
