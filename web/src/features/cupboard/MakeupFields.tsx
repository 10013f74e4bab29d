import type { Face, Part, PieceInput } from '../../api/types';
import { MATERIALS, PIECE_KINDS, SEASONS } from '../../api/words';
import { counted } from '../../lib/text';
import { Choices, Field } from '../../ui/Field';
import { ColourShares } from './ColourShares';

type Props = { draft: PieceInput; set: (part: Partial<PieceInput>) => void };

/** The set it belongs to, its other faces, and the parts it is put together from. */
export function MakeupFields({ draft, set }: Props) {
  const said = [
    draft.set.name !== '' ? `set “${draft.set.name}”` : '',
    draft.faces.length > 0 ? counted(draft.faces.length, 'other face') : '',
    draft.parts.length > 0 ? `${draft.parts.length} parts` : '',
  ].filter(Boolean);
  const setFace = (index: number, change: Partial<Face>) =>
    set({ faces: draft.faces.map((face, i) => (i === index ? { ...face, ...change } : face)) });
  const setPart = (index: number, change: Partial<Part>) =>
    set({ parts: draft.parts.map((part, i) => (i === index ? { ...part, ...change } : part)) });
  return (
    <details className="border-t border-line pt-2">
      <summary className="cursor-pointer font-semibold text-ink-2">Set, faces and parts{said.length > 0 ? `: ${said.join(', ')}` : ''}</summary>
      <div className="mt-3 grid gap-4">
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <Field label="Belongs to the set" name="set" className="col-span-2">
            {(control) => (
              <input
                {...control}
                value={draft.set.name}
                placeholder="bird bookends"
                onChange={(event) => set({ set: { name: event.target.value, of: draft.set.of || 2 } })}
              />
            )}
          </Field>
          <Field label="A whole set has" name="setOf">
            {(control) => (
              <input
                {...control}
                type="number"
                min={2}
                value={draft.set.of || ''}
                onChange={(event) => set({ set: { ...draft.set, of: Number(event.target.value) } })}
              />
            )}
          </Field>
        </div>
        {draft.faces.map((face, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a face is its place in the list; its name is edited here
          <fieldset key={i} className="grid gap-2 border border-line p-3">
            <legend className="px-1 font-semibold text-ink-2">Another face</legend>
            <Field label="What it is" name={`faces[${i}]`}>
              {(control) => (
                <input {...control} value={face.name} placeholder="winter print" onChange={(event) => setFace(i, { name: event.target.value })} />
              )}
            </Field>
            <ColourShares colours={face.colours} onChange={(colours) => setFace(i, { colours })} />
            <Choices label="Shown in (none: any season)" words={SEASONS} chosen={face.seasons} onChange={(seasons) => setFace(i, { seasons })} />
            <button type="button" className="link justify-self-start" onClick={() => set({ faces: draft.faces.filter((_, j) => j !== i) })}>
              Take this face off
            </button>
          </fieldset>
        ))}
        {draft.parts.map((part, i) => (
          <PartRow
            // biome-ignore lint/suspicious/noArrayIndexKey: a part is its place in the list; its name is edited here
            key={i}
            part={part}
            index={i}
            onChange={(change) => setPart(i, change)}
            onRemove={() => set({ parts: draft.parts.filter((_, j) => j !== i) })}
          />
        ))}
        <div className="flex gap-2">
          <button
            type="button"
            className="btn"
            onClick={() => set({ faces: [...draft.faces, { name: '', seasons: [], colours: draft.colours.map((colour) => ({ ...colour })) }] })}
          >
            + face
          </button>
          <button
            type="button"
            className="btn"
            onClick={() =>
              set({
                parts: [
                  ...draft.parts,
                  {
                    name: '',
                    kind: 'bunch',
                    count: 1,
                    width: '',
                    depth: '',
                    height: '',
                    hex: draft.colours[0]?.hex ?? '#9CA88C',
                    piece: null,
                    material: 'faux greenery',
                  },
                ],
              })
            }
          >
            + part
          </button>
        </div>
      </div>
    </details>
  );
}

type PartProps = { part: Part; index: number; onChange: (change: Partial<Part>) => void; onRemove: () => void };

function PartRow({ part, index, onChange, onRemove }: PartProps) {
  const size = (side: 'width' | 'depth' | 'height') => (
    <input
      aria-label={`${side} of the part`}
      className="w-20"
      placeholder={side}
      value={part[side]}
      onChange={(event) => onChange({ [side]: event.target.value })}
    />
  );
  return (
    <fieldset className="border border-line p-3">
      <legend className="px-1 font-semibold text-ink-2">A part of one</legend>
      <Field label="What it is" name={`parts[${index}]`}>
        {(control) => <input {...control} value={part.name} placeholder="red stems" onChange={(event) => onChange({ name: event.target.value })} />}
      </Field>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <input
          aria-label="How many of the part"
          type="number"
          min={1}
          className="w-16"
          value={part.count}
          onChange={(event) => onChange({ count: Number(event.target.value) })}
        />
        <select
          aria-label="Kind of the part"
          value={part.kind}
          onChange={(event) => onChange({ kind: PIECE_KINDS.find((kind) => kind === event.target.value) ?? 'bunch' })}
        >
          {PIECE_KINDS.map((kind) => (
            <option key={kind}>{kind}</option>
          ))}
        </select>
        <select
          aria-label="Material of the part"
          value={part.material}
          onChange={(event) => onChange({ material: MATERIALS.find((material) => material === event.target.value) ?? 'faux greenery' })}
        >
          {MATERIALS.map((material) => (
            <option key={material}>{material}</option>
          ))}
        </select>
        <input aria-label="Colour of the part" type="color" value={part.hex} onChange={(event) => onChange({ hex: event.target.value })} />
        {size('width')}
        {size('depth')}
        {size('height')}
        <button type="button" className="link" onClick={onRemove}>
          Take this part off
        </button>
      </div>
    </fieldset>
  );
}
