import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Look, Piece, Ribbon, Swap } from '../../api/types';
import { TEXTURES } from '../../api/words';
import { Triangle, useNotices } from '../../lib/notices';
import { capital } from '../../lib/text';
import { Choices } from '../../ui/Field';
import { LookAnswer } from './LookAnswer';
import { LookReads } from './LookReads';
import { LookSheet } from './LookSheet';
import { MoodAndBalance } from './MoodAndBalance';
import { RestingThings } from './RestingThings';
import { RestylePanel } from './RestylePanel';
import { RibbonBench } from './RibbonBench';
import { RibbonRod } from './RibbonRod';
import { withShare } from './shares';
import { TakeColoursDialog } from './TakeColoursDialog';
import { ThreadPanel } from './ThreadPanel';
import { useLookDraft } from './useLookDraft';

type Props = { look: Look; swap: Swap; pieces: readonly Piece[]; isClosed: boolean };

const BELOW = ['What the stock answers', 'Thread through the rooms', 'Nearly right'] as const;

/** The look of a swap: ribbons on their rod, what is wanted and what rests, and below, what the stock and the rooms say to it. */
export function LookView({ look, swap, pieces, isClosed }: Props) {
  const house = useHouse();
  const { draft, change, answer, isSaving } = useLookDraft(house.home.id, swap, look);
  const [picked, setPicked] = useState(0);
  const [below, setBelow] = useState<(typeof BELOW)[number]>(BELOW[0]);
  const [isTaking, setTaking] = useState(false);
  const at = Math.max(0, Math.min(picked, draft.ribbons.length - 1));
  const ribbon = draft.ribbons[at];
  const setRibbons = (ribbons: Ribbon[]) => change({ ribbons });
  const takeOff = () => {
    const rest = draft.ribbons.filter((_, i) => i !== at);
    setRibbons(withShare(rest, 0, rest[0]?.percent ?? 100));
  };
  return (
    <div className="pb-6 max-md:pb-20">
      <LookSheet look={draft} answer={answer.data} pieces={pieces} />
      <fieldset disabled={isClosed} className="no-print grid gap-x-8 gap-y-4 px-[22px] pt-3 max-md:px-3 xl:grid-cols-[minmax(0,1fr)_440px]">
        <div>
          <div className="flex flex-wrap items-center gap-2">
            <input
              aria-label="Name of the look"
              dir="auto"
              className="min-w-0 max-w-[340px] flex-1 border-0 border-b border-transparent bg-transparent px-0 font-display text-[27px]/[32px]
                font-semibold hover:border-line-2"
              value={draft.name}
              onChange={(event) => change({ name: event.target.value })}
            />
            <LookActions look={look} swap={swap} onTake={() => setTaking(true)} />
          </div>
          <p className="note">Broad ribbon: the share you want. Thin ribbon: placed so far, it should reach the hem.</p>
          {answer.error && (
            <p role="alert" className="mt-2 flex gap-2 border-2 border-ink bg-yolk-soft px-3 py-2">
              <Triangle /> {answer.error.message} It is not saved until then.
            </p>
          )}
          {draft.ribbons.length === 0 && !isClosed && <NoLookYet onTake={() => setTaking(true)} onHang={(ribbon) => setRibbons([ribbon])} />}
          <RibbonRod
            ribbons={draft.ribbons}
            placed={answer.data?.placed ?? []}
            darkFigures={answer.data?.reading.darkFigures ?? []}
            picked={at}
            onPick={setPicked}
            onChange={setRibbons}
          />
          {ribbon && (
            <RibbonBench
              home={house.home.id}
              ribbon={ribbon}
              word={answer.data?.reading.names[at] ?? ''}
              isLast={draft.ribbons.length === 1}
              onChange={(part) => setRibbons(draft.ribbons.map((one, i) => (i === at ? { ...one, ...part } : one)))}
              onRemove={takeOff}
              onAdd={(partner) =>
                setRibbons(
                  withShare(
                    [...draft.ribbons, { name: capital(partner.name), hex: partner.hex, role: partner.role, percent: 1 }],
                    draft.ribbons.length,
                    8,
                  ),
                )
              }
            />
          )}
        </div>
        <div className="grid content-start gap-3">
          {draft.ribbons.length > 0 && <LookReads reading={answer.data?.reading} colour={draft.colour} onChange={change} />}
          <Choices label="Textures wanted" words={TEXTURES} chosen={draft.textures} onChange={(textures) => change({ textures })} />
          <RestingThings draft={draft} pieces={pieces} onChange={change} />
          <MoodAndBalance mood={draft.mood} balance={draft.balance} onChange={change} />
          <p className="note" aria-live="polite">
            {isClosed ? 'This season is closed; its look is kept as it was.' : isSaving ? 'Saving…' : 'Saved.'}
          </p>
        </div>
      </fieldset>
      <div className="no-print mt-3">
        <div
          role="tablist"
          aria-label="What is said to the look"
          className="flex flex-wrap gap-1 border-y border-lip bg-gradient-to-b from-white to-ledge px-[22px] py-1 max-md:px-3"
        >
          {BELOW.map((name) => (
            <button
              key={name}
              type="button"
              role="tab"
              aria-selected={below === name}
              onClick={() => setBelow(name)}
              className={`px-3 py-1 font-semibold ${below === name ? 'bg-yolk' : 'hover:bg-yolk-soft'}`}
            >
              {name}
            </button>
          ))}
        </div>
        {draft.ribbons.length === 0 && <p className="note px-[22px] py-4 max-md:px-3">Nothing is judged as long as no look is chosen.</p>}
        {draft.ribbons.length > 0 && below === BELOW[0] && <LookAnswer answer={answer.data} ribbons={draft.ribbons} pieces={pieces} />}
        {draft.ribbons.length > 0 && below === BELOW[1] && <ThreadPanel swap={swap.id} ribbons={draft.ribbons} pieces={pieces} />}
        {draft.ribbons.length > 0 && below === BELOW[2] && <RestylePanel swap={swap.id} pieces={pieces} isClosed={isClosed} />}
      </div>
      {isTaking && (
        <TakeColoursDialog
          home={house.home.id}
          looks={house.looks.filter((one) => one.id !== look.id)}
          pieces={pieces}
          onTake={(ribbons) => {
            setPicked(0);
            setRibbons(ribbons);
          }}
          onClose={() => setTaking(false)}
        />
      )}
    </div>
  );
}

function LookActions({ look, swap, onTake }: { look: Look; swap: Swap; onTake: () => void }) {
  const house = useHouse();
  const notices = useNotices();
  const put = (id: string) =>
    take(api.PUT('/api/homes/{home}/swaps/{swap}/look', { params: { path: { home: house.home.id, swap: swap.id } }, body: { look: id } }));
  const copy = useMutation({
    mutationFn: put,
    onError: (error) => notices.problem(error),
  });
  const others = house.looks.filter((one, i, all) => one.id !== look.id && all.findIndex((other) => other.name === one.name) === i);
  return (
    <span className="ml-auto flex flex-wrap items-center gap-1.5">
      <button type="button" className="btn" onClick={onTake}>
        Take from…
      </button>
      <select
        aria-label="Copy another look"
        value=""
        onChange={(event) => event.target.value && copy.mutate(event.target.value)}
        className="w-[128px]"
      >
        <option value="">Copy a look…</option>
        {others.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
      <a className="btn" href={`/api/homes/${house.home.id}/looks/${look.id}/palette`} download>
        Palette file
      </a>
      <button type="button" className="btn" onClick={() => window.print()}>
        Print
      </button>
    </span>
  );
}

/** Nobody's look is chosen for them: it begins with what is loved, or with one ribbon. */
function NoLookYet({ onTake, onHang }: { onTake: () => void; onHang: (ribbon: Ribbon) => void }) {
  const [hex, setHex] = useState('#A9502B');
  return (
    <div className="mt-3 flex flex-wrap items-center gap-3 bg-wall px-4 py-3 text-[15px]" data-testid="no-look">
      <p className="w-full">
        No look yet, so nothing is judged. Ground it in something real: two or three ribbons, a picture, a set of plates, a rug.
      </p>
      <button type="button" className="btn btn-main" onClick={onTake}>
        Take colours from a photo or a piece
      </button>
      <label className="flex items-center gap-2">
        or begin with
        <input type="color" aria-label="Colour of the first ribbon" value={hex} onChange={(event) => setHex(event.target.value)} />
      </label>
      <button type="button" className="btn" onClick={() => onHang({ name: 'First', hex, role: 'base', percent: 100 })}>
        Hang this ribbon
      </button>
    </div>
  );
}
