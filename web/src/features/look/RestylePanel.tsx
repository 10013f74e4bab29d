import { useMutation, useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse, useWriting } from '../../api/home';
import { restylesQuery } from '../../api/queries';
import type { Piece, Restyle } from '../../api/types';
import { failed } from '../../lib/failed';
import { useNotices } from '../../lib/notices';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';

type Props = { swap: string; pieces: readonly Piece[]; isClosed: boolean };

/** Pieces that are nearly right, as they are and as they would be. */
export function RestylePanel({ swap, pieces, isClosed }: Props) {
  const house = useHouse();
  const notices = useNotices();
  const restyles = useQuery(restylesQuery(house.home.id, swap));
  const plan = useMutation({
    mutationFn: ({ piece, idea }: { piece: Piece; idea: Restyle }): Promise<unknown> => {
      const home = house.home.id;
      const turned = (face: string) =>
        take(api.PUT('/api/homes/{home}/pieces/{piece}/face', { params: { path: { home, piece: piece.id } }, body: { face } }));
      const written = () =>
        take(
          api.POST('/api/homes/{home}/swaps/{swap}/restyles', {
            params: { path: { home, swap } },
            body: { piece: piece.id, way: idea.way, sentence: idea.sentence, colours: idea.colours },
          }),
        );
      return idea.face ? turned(idea.face) : written();
    },
    onError: (error) => notices.problem(error),
  });
  if (failed(restyles)) return <ErrorLedge error={restyles.error} onRetry={() => void restyles.refetch()} />;
  if (!restyles.data) return <LoadingLedges />;
  if (restyles.data.pieces.length === 0)
    return <EmptyLedge>Nothing owned is nearly right: it is in the look, or too far from it to be worth the work.</EmptyLedge>;
  return (
    <section aria-label="Nearly right" className="grid gap-x-8 px-[22px] pb-6 max-md:px-3 md:grid-cols-2 xl:grid-cols-3" data-testid="restyles">
      {restyles.data.pieces.map((one) => {
        const piece = pieces.find((other) => other.id === one.piece);
        return (
          piece && <NearlyRight key={one.piece} piece={piece} ideas={one.ideas} isClosed={isClosed} onPlan={(idea) => plan.mutate({ piece, idea })} />
        );
      })}
    </section>
  );
}

type OneProps = { piece: Piece; ideas: readonly Restyle[]; isClosed: boolean; onPlan: (idea: Restyle) => void };

function NearlyRight({ piece, ideas, isClosed, onPlan }: OneProps) {
  const write = useWriting();
  const [first] = ideas;
  if (!first) return null;
  const scale = 74 / Math.max(shownHeight(piece), (piece.width / 254) * 0.9);
  return (
    <article className="flex gap-3 border-b border-line py-3">
      <svg width="176" height="84" className="flex-none" role="img" aria-label={`${piece.name} as it is and as it would be`}>
        <Silhouette piece={piece} scale={scale} x={40} y={80} />
        <path d="M80 54q8 -8 16 0m-5 -4l5 4l-6 2" fill="none" stroke="#1F2421" strokeWidth="1.4" />
        <Silhouette piece={{ ...piece, colours: first.colours }} scale={scale} x={134} y={80} />
      </svg>
      <div className="min-w-0 flex-1">
        <h3 className="font-text font-semibold">
          {piece.name}, fit {first.scoreBefore}
        </h3>
        <ul>
          {ideas.map((idea) => (
            <li key={idea.sentence} className="mt-1 leading-[17px]">
              {idea.sentence} <b>{idea.scoreAfter}</b>
              <span className="note">
                , {idea.cost === 0 ? 'free' : `${write.money(idea.cost)} each`}, {idea.minutes} min
              </span>
              {idea.caution && <span className="note block">{idea.caution}</span>}
              {!isClosed && (
                <button type="button" className="link ml-1" onClick={() => onPlan(idea)}>
                  {idea.face ? 'Turn it' : 'Plan it'}
                </button>
              )}
            </li>
          ))}
        </ul>
      </div>
    </article>
  );
}
