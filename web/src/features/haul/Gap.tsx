import { Link } from 'react-router';
import { useHouse, useSpot, useWriting } from '../../api/home';
import type { Line, Need, NeedAnswers, Piece } from '../../api/types';
import { counted } from '../../lib/text';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { PriceTicket } from './PriceTicket';
import type { useHaul } from './useHaul';

type Props = {
  number: number;
  gap: NeedAnswers;
  pieces: ReadonlyMap<string, Piece>;
  lines: readonly Line[];
  acts: ReturnType<typeof useHaul>;
  isClosed: boolean;
  onBuy: () => void;
  onEdit: (line: Line) => void;
};

const SCALE_BOX = 104;

/** One gap: the ghost of what is wanted, beside it the best answer of the home, and the way on. */
export function Gap({ number, gap, pieces, lines, acts, isClosed, onBuy, onEdit }: Props) {
  const { need, answers } = gap;
  const { home } = useHouse();
  const spot = useSpot(need.spot);
  const filled = need.filledBy === null ? undefined : pieces.get(need.filledBy);
  const [best, ...others] = answers;
  const piece = filled ?? (best ? pieces.get(best.piece) : undefined);
  const isMet = best?.misses.length === 0;
  return (
    <section aria-label={need.text} className="print-keep">
      <div className="wallshade px-3 pt-2">
        <h3 className="text-[15px]/[20px]">
          {number}. {spot?.name}: {need.text}
        </h3>
        <Wish need={need} />
        <GapDrawing need={need} piece={piece} seed={need.id} />
      </div>
      <div className="ledge flex justify-around px-2 text-[12px]/[17px]">
        <span>gap</span>
        <b className="truncate">{piece?.name ?? 'nothing near'}</b>
      </div>
      <div className="tagcard mt-2 px-3 py-2">
        {filled ? (
          <div className="flex items-center justify-between gap-2">
            <span>
              <b>Brought:</b> {filled.name}, nothing to buy
            </span>
            {!isClosed && (
              <button type="button" className="link" onClick={() => acts.reopen(need)}>
                Reopen
              </button>
            )}
          </div>
        ) : best && piece ? (
          <div>
            <p>
              <b>{isMet ? 'Owned and free:' : 'Nearest owned:'}</b> {piece.name}, {best.where}
              <span className="note block">{isMet ? 'It is what is wanted.' : `Not quite: ${best.misses.join(', ')}.`}</span>
            </p>
            {!isClosed && (
              <div className="no-print mt-1.5 flex flex-wrap gap-1.5">
                <button type="button" className={`btn ${isMet ? 'btn-now' : ''}`} onClick={() => acts.bring(need, best.piece)}>
                  Bring it
                </button>
                {others.map((other) => (
                  <button
                    key={other.piece}
                    type="button"
                    className="btn"
                    title={other.misses.join(', ') || 'meets it'}
                    onClick={() => acts.bring(need, other.piece)}
                  >
                    {pieces.get(other.piece)?.name}
                  </button>
                ))}
              </div>
            )}
          </div>
        ) : (
          <p>Nothing owned comes near. It is to be bought, made or borrowed.</p>
        )}
        {!filled && !isClosed && (
          <p className="no-print mt-1.5 flex gap-3">
            <button type="button" className="link" onClick={onBuy}>
              Buy, make or borrow
            </button>
            {need.sum && (
              <Link className="link" to={`/homes/${home.id}/workbench/${need.sum}?spot=${need.spot}&need=${need.id}`}>
                How much?
              </Link>
            )}
            <button type="button" className="link font-normal text-ink-2" onClick={() => acts.remove(need)}>
              No longer wanted
            </button>
          </p>
        )}
      </div>
      {lines.map((line) => (
        <PriceTicket key={line.id} line={line} onAdvance={(state) => acts.advance(line, state)} onEdit={() => onEdit(line)} isClosed={isClosed} />
      ))}
    </section>
  );
}

function Wish({ need }: { need: Need }) {
  const write = useWriting();
  const tall =
    need.leastHeight !== null && need.mostHeight !== null
      ? `${write.length(need.leastHeight)} to ${write.length(need.mostHeight)} high`
      : need.leastHeight !== null
        ? `${write.length(need.leastHeight)} high or more`
        : need.mostHeight !== null
          ? `up to ${write.length(need.mostHeight)} high`
          : null;
  const wide = need.mostWidth === null ? null : `up to ${write.length(need.mostWidth)} wide`;
  return (
    <p className="note flex items-center gap-1.5">
      {need.colour && <span className="inline-block size-3 border border-line-2" style={{ background: need.colour }} title="colour wanted" />}
      {[counted(need.count, need.kind ?? 'piece'), tall, wide, need.texture].filter(Boolean).join(', ')}
    </p>
  );
}

function GapDrawing({ need, piece, seed }: { need: Need; piece: Piece | undefined; seed: string }) {
  const height = need.mostHeight ?? need.leastHeight ?? piece?.height ?? 2540;
  const isOpen = need.mostHeight === null && need.leastHeight === null;
  const width = isOpen && piece ? piece.width : Math.min(need.mostWidth ?? height * 0.7, height * 1.4);
  const ghost = {
    id: seed,
    kind: need.kind ?? ('vase' as const),
    width,
    height,
    colours: [{ hex: need.colour ?? '#CCCCC4', percent: 100 }],
    finish: 'plain' as const,
    shape: '',
    pattern: '',
  };
  const tallest = Math.max(height / 254, piece ? shownHeight(piece) : 0);
  const widest = Math.max(width, piece?.width ?? 0) / 254;
  const scale = Math.min(SCALE_BOX / tallest, 130 / widest, 8);
  return (
    <svg viewBox="0 0 320 118" className="block w-full" aria-hidden="true">
      <Silhouette piece={ghost} scale={scale} x={80} y={117} isGhost />
      <path d="M142 62q18-12 36-3m-9-6 9 6-8 7" fill="none" stroke="#1F2421" strokeWidth="1.5" />
      {piece && <Silhouette piece={piece} scale={scale} x={244} y={117} />}
    </svg>
  );
}
