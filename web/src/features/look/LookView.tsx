import { useMutation } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHouse, useRefresh } from '../../api/home';
import type { Look, Piece, Swap } from '../../api/types';
import { FINISHES, TEXTURES } from '../../api/words';
import { Triangle, useNotices } from '../../lib/notices';
import { Choices } from '../../ui/Field';
import { LookAnswer } from './LookAnswer';
import { MoodAndBalance } from './MoodAndBalance';
import { RestingColours } from './RestingColours';
import { RibbonRod } from './RibbonRod';
import { useLookDraft } from './useLookDraft';

type Props = { look: Look; swap: Swap; pieces: readonly Piece[]; isClosed: boolean };

/** The look of a swap: ribbons on their rod, what is wanted and what rests, and below, what the stock answers. */
export function LookView({ look, swap, pieces, isClosed }: Props) {
  const house = useHouse();
  const refresh = useRefresh();
  const notices = useNotices();
  const { draft, change, answer, isSaving } = useLookDraft(house.home.id, swap, look);
  const copy = useMutation({
    mutationFn: (other: string) =>
      take(api.PUT('/api/homes/{home}/swaps/{swap}/look', { params: { path: { home: house.home.id, swap: swap.id } }, body: { look: other } })),
    onSuccess: async () => {
      await refresh();
      notices.done('The swap has a copy of that look', async () => {
        await take(
          api.PUT('/api/homes/{home}/swaps/{swap}/look', { params: { path: { home: house.home.id, swap: swap.id } }, body: { look: look.id } }),
        );
        await refresh();
      });
    },
    onError: (error) => notices.problem(error),
  });
  const others = house.looks.filter((one, i, all) => one.id !== look.id && all.findIndex((other) => other.name === one.name) === i);
  return (
    <div className="pb-6 max-md:pb-20">
      <fieldset disabled={isClosed} className="grid gap-x-8 gap-y-4 px-[22px] pt-3 max-md:px-3 xl:grid-cols-[minmax(0,1fr)_460px]">
        <div>
          <div className="flex flex-wrap items-baseline gap-3">
            <input
              aria-label="Name of the look"
              className="w-[280px] border-0 border-b border-transparent bg-transparent px-0 font-display text-[27px]/[32px] font-semibold hover:border-line-2"
              value={draft.name}
              onChange={(event) => change({ name: event.target.value })}
            />
            <span className="note flex-1">Broad ribbon: the share you want. Thin ribbon: placed so far, it should reach the hem.</span>
            <select aria-label="Copy another look" value="" onChange={(event) => event.target.value && copy.mutate(event.target.value)}>
              <option value="">Copy another look…</option>
              {others.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.name}
                </option>
              ))}
            </select>
          </div>
          {answer.error && (
            <p role="alert" className="mt-2 flex gap-2 border-2 border-ink bg-yolk-soft px-3 py-2">
              <Triangle /> {answer.error.message} It is not saved until then.
            </p>
          )}
          <RibbonRod ribbons={draft.ribbons} placed={answer.data?.placed ?? []} onChange={(ribbons) => change({ ribbons })} />
        </div>
        <div className="grid content-start gap-4">
          <Choices label="Textures wanted" words={TEXTURES} chosen={draft.textures} onChange={(textures) => change({ textures })} />
          <RestingColours colours={draft.restingColours} onChange={(restingColours) => change({ restingColours })} />
          <Choices
            label="Finishes that rest"
            words={FINISHES}
            chosen={draft.restingFinishes}
            onChange={(restingFinishes) => change({ restingFinishes })}
          />
          <MoodAndBalance mood={draft.mood} balance={draft.balance} onChange={change} />
          <p className="note" aria-live="polite">
            {isClosed ? 'This season is closed; its look is kept as it was.' : isSaving ? 'Saving…' : 'Saved.'}
          </p>
        </div>
      </fieldset>
      <LookAnswer answer={answer.data} ribbons={draft.ribbons} pieces={pieces} />
    </div>
  );
}
