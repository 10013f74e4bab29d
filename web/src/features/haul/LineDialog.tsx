import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse, useSwap, useWriting } from '../../api/home';
import type { Line, LineInput, LinePreviewAnswer, Need, Swap } from '../../api/types';
import { PIECE_KINDS } from '../../api/words';
import { fieldLength, writeLength } from '../../lib/measure';
import { Triangle } from '../../lib/notices';
import { counted } from '../../lib/text';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

type Props = { need?: Need | undefined; line?: Line | undefined; swap: Swap; onClose: () => void };

/** A line to buy, make or borrow; its price and what it does to the purse show while it is written. */
export function LineDialog({ need, line, swap, onClose }: Props) {
  const house = useHouse();
  const current = useSwap();
  const write = useWriting();
  const home = house.home.id;
  const [draft, setDraft] = useState<LineInput>(() => firstDraft(need, line, house.home.unit, current?.look.ribbons[0]?.hex ?? '#EDE4D3'));
  const set = (part: Partial<LineInput>) => setDraft({ ...draft, ...part });
  const preview = useQuery({
    queryKey: ['home', home, 'swap', swap.id, 'line-preview', line?.id, JSON.stringify(draft)],
    queryFn: ({ signal }) =>
      take(
        api.POST('/api/homes/{home}/swaps/{swap}/line-preview', {
          params: { path: { home, swap: swap.id }, query: line ? { instead: line.id } : {} },
          body: { ...draft, name: draft.name || '…' },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    enabled: draft.packPrice !== '' || draft.way !== 'buy',
    retry: false,
  });
  const save = (version: number) =>
    line
      ? take(
          api.PUT('/api/homes/{home}/swaps/{swap}/lines/{line}', {
            params: { path: { home, swap: swap.id, line: line.id } },
            body: { ...draft, version },
          }),
        )
      : take(api.POST('/api/homes/{home}/swaps/{swap}/lines', { params: { path: { home, swap: swap.id } }, body: draft }));
  const isOver = preview.data !== undefined && preview.data.purse.overrun > 0;
  return (
    <FormDialog<Line, Line>
      title={line ? `Change ${line.name}` : need ? `For “${need.text}”` : 'A line for the haul'}
      onClose={onClose}
      save={save}
      saveLabel={isOver ? 'Write it down all the same' : 'Write it down'}
      version={line?.version}
      inWords={{ theirs: (kept) => `${kept.name}, ${write.money(kept.total)}`, mine: draft.name }}
      isWide
    >
      <div className="grid gap-4 sm:grid-cols-[1fr_260px]">
        <LineFields draft={draft} set={set} />
        <LinePreview preview={preview.data} error={preview.error} />
      </div>
    </FormDialog>
  );
}

function firstDraft(need: Need | undefined, line: Line | undefined, unit: 'in' | 'cm', hex: string): LineInput {
  if (line) {
    const value = line.offer === 'fixed' ? (line.offerValue / 100).toFixed(2) : String(line.offerValue);
    return {
      need: line.need,
      name: line.name,
      way: line.way,
      kind: line.kind,
      width: fieldLength(line.width, unit),
      height: fieldLength(line.height, unit),
      colour: line.colour,
      packPrice: (line.packPrice / 100).toFixed(2),
      offer: line.offer,
      offerValue: value,
      offerPayFor: line.offerPayFor,
      packSize: line.packSize,
      needed: line.needed,
      tender: line.tender,
    };
  }
  const height = need?.mostHeight ?? need?.leastHeight ?? 2540;
  return {
    need: need?.id ?? null,
    name: '',
    way: 'buy',
    kind: need?.kind ?? 'vase',
    width: writeLength(need?.mostWidth ?? Math.round(height * 0.7), unit),
    height: writeLength(height, unit),
    colour: need?.colour ?? hex,
    packPrice: '',
    offer: 'none',
    offerValue: '0',
    offerPayFor: 0,
    packSize: 1,
    needed: need?.count ?? 1,
    tender: 'purse',
  };
}

function LineFields({ draft, set }: { draft: LineInput; set: (part: Partial<LineInput>) => void }) {
  const { home } = useHouse();
  return (
    <div className="grid grid-cols-2 content-start gap-3">
      <Field label="What" name="name" className="col-span-2">
        {(control) => <input {...control} value={draft.name} onChange={(event) => set({ name: event.target.value })} />}
      </Field>
      <Field label="How" name="way">
        {(control) => (
          <select
            {...control}
            value={draft.way}
            onChange={(event) => set({ way: event.target.value === 'make' ? 'make' : event.target.value === 'borrow' ? 'borrow' : 'buy' })}
          >
            <option>buy</option>
            <option>make</option>
            <option>borrow</option>
          </select>
        )}
      </Field>
      <Field label="Kind" name="kind">
        {(control) => (
          <select
            {...control}
            value={draft.kind}
            onChange={(event) => set({ kind: PIECE_KINDS.find((kind) => kind === event.target.value) ?? 'vase' })}
          >
            {PIECE_KINDS.map((kind) => (
              <option key={kind}>{kind}</option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Width" name="width">
        {(control) => <input {...control} value={draft.width} onChange={(event) => set({ width: event.target.value })} />}
      </Field>
      <Field label="Height" name="height">
        {(control) => <input {...control} value={draft.height} onChange={(event) => set({ height: event.target.value })} />}
      </Field>
      <Field label={`List price of a pack, ${home.currency}`} name="packPrice">
        {(control) => (
          <input
            {...control}
            inputMode="decimal"
            value={draft.packPrice}
            placeholder="12.50"
            onChange={(event) => set({ packPrice: event.target.value })}
          />
        )}
      </Field>
      <Field label="Colour" name="colour">
        {(control) => <input {...control} type="color" value={draft.colour} onChange={(event) => set({ colour: event.target.value })} />}
      </Field>
      <Field label="Pieces in a pack" name="packSize">
        {(control) => (
          <input {...control} type="number" min={1} value={draft.packSize} onChange={(event) => set({ packSize: Number(event.target.value) })} />
        )}
      </Field>
      <Field label="Needed" name="needed">
        {(control) => (
          <input {...control} type="number" min={1} value={draft.needed} onChange={(event) => set({ needed: Number(event.target.value) })} />
        )}
      </Field>
      <Field label="Offer" name="offer">
        {(control) => (
          <select
            {...control}
            value={draft.offer}
            onChange={(event) =>
              set({
                offer:
                  event.target.value === 'percent'
                    ? 'percent'
                    : event.target.value === 'fixed'
                      ? 'fixed'
                      : event.target.value === 'deal'
                        ? 'deal'
                        : 'none',
              })
            }
          >
            <option value="none">none</option>
            <option value="percent">percent off</option>
            <option value="fixed">so much off each pack</option>
            <option value="deal">take n, pay for m</option>
          </select>
        )}
      </Field>
      {draft.offer !== 'none' && (
        <Field label={draft.offer === 'percent' ? 'Percent' : draft.offer === 'fixed' ? 'Off each pack' : 'Take'} name="offerValue">
          {(control) => <input {...control} value={draft.offerValue} onChange={(event) => set({ offerValue: event.target.value })} />}
        </Field>
      )}
      {draft.offer === 'deal' && (
        <Field label="Pay for" name="offerPayFor">
          {(control) => (
            <input {...control} type="number" value={draft.offerPayFor} onChange={(event) => set({ offerPayFor: Number(event.target.value) })} />
          )}
        </Field>
      )}
      <Field label="Paid with" name="tender">
        {(control) => (
          <select {...control} value={draft.tender} onChange={(event) => set({ tender: event.target.value === 'gift card' ? 'gift card' : 'purse' })}>
            <option value="purse">the season’s budget</option>
            <option value="gift card">the gift card</option>
          </select>
        )}
      </Field>
    </div>
  );
}

function LinePreview({ preview, error }: { preview: LinePreviewAnswer | undefined; error: unknown }) {
  const { money } = useWriting();
  const isOver = preview !== undefined && preview.purse.overrun > 0;
  return (
    <aside className="tagcard self-start p-4" aria-live="polite">
      {error instanceof Error && <p>{error.message}</p>}
      {!error && preview && (
        <>
          <b className="font-display text-[27px]/[32px]">{money(preview.total)}</b>
          {preview.list !== preview.total && <s className="note ml-2">{money(preview.list)}</s>}
          <p>
            {counted(preview.packs, 'pack')}, {money(preview.perPiece)} each{preview.spare > 0 && `, ${preview.spare} spare into stock`}
          </p>
          <p className="mt-2">
            Leaves <b>{money(preview.purse.free)}</b> of the budget{preview.purse.giftCard > 0 && `, ${money(preview.purse.cardFree)} on the card`}.
          </p>
          {isOver && (
            <p role="alert" className="mt-2 flex gap-2">
              <Triangle />
              <span>
                <b>{money(preview.purse.overrun)} over.</b>{' '}
                {preview.purse.drop === null
                  ? 'Even dropping every wanted line is not enough.'
                  : `To stay inside, drop ${preview.purse.drop?.join(' and ')}.`}
              </span>
            </p>
          )}
        </>
      )}
      {!error && !preview && <p className="note">The price shows as soon as one is typed.</p>}
    </aside>
  );
}
