import { useState } from 'react';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import type { Piece, PieceInput } from '../../api/types';
import { FINISHES, HAZARDS, MATERIALS, PIECE_KINDS, SEASONS } from '../../api/words';
import { PlaceSelect } from '../../places/PlaceSelect';
import { Choices, Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';
import { ColourShares } from './ColourShares';
import { MakeupFields } from './MakeupFields';
import { PATTERNS, pieceDraft, SHAPES } from './pieceDraft';

type Props = { piece?: Piece | undefined; copy?: Piece | undefined; onClose: () => void; onSaved: (id: string) => void };

type Assumed = NonNullable<PieceInput['assumed']>[number];

/** What says it: typed, it is not assumed any more. */
const SAID_BY: Record<Assumed, readonly (keyof PieceInput)[]> = { size: ['width', 'height', 'depth'], colour: ['colours'], count: ['count'] };
const ASSUMED: Record<Assumed, string> = {
  size: 'Nobody has measured it yet: the size is the usual one.',
  colour: 'Nobody has said its colour: it is the usual one.',
  count: 'Nobody has said how many there are: one is counted.',
};

/** Enters a piece or changes one. Sizes, weights and money are typed as people write them. */
export function PieceDialog({ piece, copy, onClose, onSaved }: Props) {
  const house = useHouse();
  const home = house.home.id;
  const firstTote = house.totes[0];
  const [draft, setDraft] = useState<PieceInput>(() =>
    pieceDraft(piece ?? copy, house.home.unit, (piece ?? copy)?.places[0]?.place ?? (firstTote ? `tote:${firstTote.id}` : 'loose')),
  );
  const set = (part: Partial<PieceInput>) =>
    setDraft({
      ...draft,
      assumed: (draft.assumed ?? []).filter((one) => !SAID_BY[one].some((field) => field in part)),
      ...part,
    });
  return (
    <FormDialog<Piece, Piece>
      title={piece ? `Change ${piece.name}` : 'New piece'}
      onClose={onClose}
      save={(version) =>
        piece
          ? take(api.PUT('/api/homes/{home}/pieces/{piece}', { params: { path: { home, piece: piece.id } }, body: { ...draft, version } }))
          : take(api.POST('/api/homes/{home}/pieces', { params: { path: { home } }, body: draft }))
      }
      onSaved={(saved) => onSaved(saved.id)}
      saveLabel={piece ? 'Save' : 'Take it in'}
      version={piece?.version}
      inWords={{ theirs: (kept) => `${kept.name}, count ${kept.count}`, mine: `${draft.name}, count ${draft.count}` }}
      isWide
    >
      <Measures draft={draft} set={set} isNew={!piece} />
      {(draft.assumed ?? []).map((one) => (
        <p key={one} className="my-2 flex flex-wrap items-center gap-x-3 text-ink-2">
          {ASSUMED[one]}
          <button
            type="button"
            className="btn"
            onClick={() => setDraft({ ...draft, assumed: (draft.assumed ?? []).filter((other) => other !== one) })}
          >
            It is right
          </button>
        </p>
      ))}
      <ColourShares colours={draft.colours} onChange={(colours) => set({ colours })} />
      <Choices label="Materials" words={MATERIALS} chosen={draft.materials} onChange={(materials) => set({ materials })} />
      <div className="grid gap-4 sm:grid-cols-2">
        <Choices label="Seasons (none: a staple, all year)" words={SEASONS} chosen={draft.seasons} onChange={(seasons) => set({ seasons })} />
        <Choices label="To take care with" words={HAZARDS} chosen={draft.hazards} onChange={(hazards) => set({ hazards })} />
      </div>
      <Record draft={draft} set={set} />
      <MakeupFields draft={draft} set={set} />
    </FormDialog>
  );
}

type PartProps = { draft: PieceInput; set: (part: Partial<PieceInput>) => void };

function Measures({ draft, set, isNew }: PartProps & { isNew: boolean }) {
  const { home, kinds } = useHouse();
  const example = home.unit === 'in' ? '9 1/2' : '24';
  const word = (label: string, name: 'shape' | 'pattern', words: readonly string[] | undefined) =>
    words && (
      <Field label={label} name={name}>
        {(control) => (
          <select {...control} value={draft[name]} onChange={(event) => set({ [name]: event.target.value })}>
            <option value="">usual</option>
            {words.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </select>
        )}
      </Field>
    );
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      <Field label="Name" name="name" className="col-span-2">
        {(control) => <input {...control} value={draft.name} dir="auto" onChange={(event) => set({ name: event.target.value })} />}
      </Field>
      <Field label="Kind" name="kind">
        {(control) => (
          <select
            {...control}
            value={draft.kind}
            onChange={(event) => set({ kind: PIECE_KINDS.find((kind) => kind === event.target.value) ?? 'vase', shape: '', pattern: '' })}
          >
            {PIECE_KINDS.map((kind) => (
              <option key={kind}>{kind}</option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Count" name="count">
        {(control) => <input {...control} type="number" value={draft.count} onChange={(event) => set({ count: Number(event.target.value) })} />}
      </Field>
      <Field label={`Width, ${home.unit}`} name="width">
        {(control) => <input {...control} value={draft.width} placeholder={example} onChange={(event) => set({ width: event.target.value })} />}
      </Field>
      <Field label={`Depth, ${home.unit}`} name="depth">
        {(control) => <input {...control} value={draft.depth} placeholder={example} onChange={(event) => set({ depth: event.target.value })} />}
      </Field>
      <Field label={`Height, ${home.unit}`} name="height">
        {(control) => <input {...control} value={draft.height} placeholder={example} onChange={(event) => set({ height: event.target.value })} />}
      </Field>
      <Field label="Weight of one" name="weight">
        {(control) => (
          <input
            {...control}
            value={draft.weight}
            placeholder={home.unit === 'in' ? '4 lb' : '1.8 kg'}
            onChange={(event) => set({ weight: event.target.value })}
          />
        )}
      </Field>
      <Field label="Finish" name="finish">
        {(control) => (
          <select
            {...control}
            value={draft.finish}
            onChange={(event) => set({ finish: FINISHES.find((finish) => finish === event.target.value) ?? 'plain' })}
          >
            {FINISHES.map((finish) => (
              <option key={finish}>{finish}</option>
            ))}
          </select>
        )}
      </Field>
      {kinds.find((one) => one.kind === draft.kind)?.isLaidOut && (
        <Field label="Unrolled it runs" name="laidOut">
          {(control) => (
            <input
              {...control}
              value={draft.laidOut ?? ''}
              placeholder={home.unit === 'in' ? '30 ft' : '9 m'}
              onChange={(event) => set({ laidOut: event.target.value })}
            />
          )}
        </Field>
      )}
      {word('Shape', 'shape', SHAPES[draft.kind])}
      {word('Pattern', 'pattern', PATTERNS[draft.kind])}
      <Field label={isNew ? 'Where it is' : 'More units go to'} name="place">
        {(control) => <PlaceSelect id={control.id} value={draft.place} onChange={(place) => set({ place })} />}
      </Field>
    </div>
  );
}

function Record({ draft, set }: PartProps) {
  const { home } = useHouse();
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      <Field label={`Cost each, ${home.currency}`} name="costEach">
        {(control) => <input {...control} inputMode="decimal" value={draft.costEach} onChange={(event) => set({ costEach: event.target.value })} />}
      </Field>
      <Field label={`To replace, ${home.currency}`} name="replacementEach">
        {(control) => (
          <input {...control} inputMode="decimal" value={draft.replacementEach} onChange={(event) => set({ replacementEach: event.target.value })} />
        )}
      </Field>
      <Field label="Came on" name="cameOn">
        {(control) => <input {...control} type="date" value={draft.cameOn} onChange={(event) => set({ cameOn: event.target.value })} />}
      </Field>
      <Field label="Origin" name="origin">
        {(control) => (
          <input {...control} value={draft.origin} placeholder="bought, thrifted, made" onChange={(event) => set({ origin: event.target.value })} />
        )}
      </Field>
      <Field label="Care" name="care" className="col-span-2 sm:col-span-4">
        {(control) => (
          <input {...control} value={draft.care} placeholder="wipe dry, keep from the sun" onChange={(event) => set({ care: event.target.value })} />
        )}
      </Field>
    </div>
  );
}
