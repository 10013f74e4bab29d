import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { useHouse, useWriting } from '../../api/home';
import type { Piece, Tote, ToteContents } from '../../api/types';
import { Triangle } from '../../lib/notices';
import { counted } from '../../lib/text';
import { OpenTote } from './OpenTote';
import { StockTakePanel } from './StockTakePanel';

const ToteDialog = lazy(async () => ({ default: (await import('../cupboard')).ToteDialog }));

type Props = { tote: Tote; contents: ToteContents; pieces: readonly Piece[] };

/** A tote opened: what lies in it to scale, how full and heavy it is, what lies badly; its label, and a count of it. */
export function ToteView({ tote, contents, pieces }: Props) {
  const house = useHouse();
  const write = useWriting();
  const [isCounting, setCounting] = useState(false);
  const [isChanging, setChanging] = useState(false);
  const byId = new Map(pieces.map((piece) => [piece.id, piece]));
  const label = `/api/homes/${house.home.id}/totes/${tote.id}/label`;
  return (
    <div className="px-[22px] pt-3 pb-24 max-md:px-3">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h2 className="text-[27px]/[32px]">{tote.code}</h2>
        <p className="flex-1 text-[15px]">
          {tote.place}; {counted(contents.content.length, 'piece')}, <b>{Math.round(contents.fill * 100)} % full</b>
          {contents.grams > 0 && `, ${write.weight(contents.grams)}`}
          {tote.mostWeight !== null && ` of ${write.weight(tote.mostWeight)} at most`}
          {tote.conditions.length > 0 && `; ${tote.conditions.join(' and ')} here`}
        </p>
        <span className="no-print flex flex-wrap gap-1.5">
          <button type="button" className="btn btn-main" onClick={() => setCounting(!isCounting)} aria-expanded={isCounting}>
            Count it
          </button>
          <a className="btn" href={`${label}?as=svg`} target="_blank" rel="noopener">
            Label
          </a>
          <a className="btn" href={`${label}?as=pdf`} target="_blank" rel="noopener">
            as PDF
          </a>
          <button type="button" className="btn" onClick={() => setChanging(true)}>
            Change
          </button>
          <Link className="btn" to={`/homes/${house.home.id}/cupboard`}>
            Cupboard
          </Link>
        </span>
      </div>
      {contents.findings.map((finding) => (
        <p key={finding.code + finding.sentence} className="mt-1.5 flex gap-2">
          <Triangle /> {finding.sentence}
        </p>
      ))}
      {isCounting && <StockTakePanel tote={tote} contents={contents} pieces={pieces} onDone={() => setCounting(false)} />}
      <div className="mt-4 grid gap-8 lg:grid-cols-[minmax(0,1fr)_300px]">
        <OpenTote tote={tote} contents={contents} pieces={byId} />
        <ul className="rows content-start">
          {contents.content.map((one) => (
            <li key={one.piece} className="flex justify-between py-1.5">
              <Link className="link" to={`/homes/${house.home.id}/cupboard?piece=${one.piece}`}>
                {one.name}
              </Link>
              <span>{one.units > 1 && `×${one.units}`}</span>
            </li>
          ))}
          {contents.content.length === 0 && <li className="py-2">Nothing lies in it.</li>}
        </ul>
      </div>
      <Suspense fallback={null}>{isChanging && <ToteDialog tote={tote} onClose={() => setChanging(false)} />}</Suspense>
    </div>
  );
}
