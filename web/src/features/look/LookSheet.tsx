import type { LookInput, Piece, StockAnswer } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

type Props = { look: LookInput; answer: StockAnswer | undefined; pieces: readonly Piece[] };

const MOST = 48;

/** The look on paper: its ribbons, what is wanted and what rests, and the pieces that belong to it. */
export function LookSheet({ look, answer, pieces }: Props) {
  const scores = new Map(answer?.answers.map((one) => [one.piece, one]));
  const inLook = pieces.filter((piece) => scores.get(piece.id)?.verdict === 'in the look').slice(0, MOST);
  const line = (label: string, words: readonly string[]) => words.length > 0 && <p>{`${label}: ${words.join(', ')}.`}</p>;
  return (
    <section className="hidden print:block">
      <h1 className="text-[28px]/[34px]">{look.name}</h1>
      <p>
        {answer?.reading.words.join(', ')}; {look.mood < 40 ? 'airy' : look.mood > 60 ? 'layered' : 'between airy and layered'}, {look.balance}
      </p>
      <div className="my-4 flex h-[150px] items-start">
        {look.ribbons.map((ribbon, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a ribbon is its place on the rod
          <div key={i} style={{ width: `${ribbon.percent}%` }} className="pr-1">
            <svg width="100%" height="104" viewBox="0 0 100 104" preserveAspectRatio="none" aria-hidden="true">
              <path d="M0 0H100V104L50 92L0 104Z" fill={ribbon.hex} stroke="#8f8a7c" strokeWidth=".6" />
            </svg>
            <b>{ribbon.name}</b>
            <br />
            {ribbon.percent} %, {answer?.reading.names[i]}
          </div>
        ))}
      </div>
      {line('Textures', look.textures)}
      {line('Rests', [...look.restingFinishes, ...look.restingTextures, ...(answer?.reading.resting ?? [])])}
      <h2 className="mt-4 text-[17px]">Pieces in this look{inLook.length === MOST ? `, the first ${MOST}` : ''}</h2>
      <div className="flex flex-wrap gap-x-4 gap-y-3">
        {inLook.map((piece) => (
          <div key={piece.id} className="print-keep w-[100px] text-center text-[11px]">
            <svg width="90" height="78" aria-hidden="true">
              <Silhouette piece={piece} scale={70 / Math.max(shownHeight(piece), (piece.width / 254) * 0.8)} x={45} y={74} />
            </svg>
            <br />
            {piece.name}
          </div>
        ))}
      </div>
    </section>
  );
}
