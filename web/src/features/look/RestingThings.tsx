import type { LookInput, Piece } from '../../api/types';
import { FINISHES, TEXTURES } from '../../api/words';
import { Choices } from '../../ui/Field';
import { RestingColours } from './RestingColours';

type Props = { draft: LookInput; pieces: readonly Piece[]; onChange: (part: Partial<LookInput>) => void };

/** What is left out this season: colours, finishes, textures and single pieces. */
export function RestingThings({ draft, pieces, onChange }: Props) {
  const resting = draft.restingPieces.flatMap((id) => pieces.find((piece) => piece.id === id) ?? []);
  const said = [...draft.restingFinishes, ...draft.restingTextures, ...resting.map((piece) => piece.name)];
  return (
    <div className="grid gap-3">
      <RestingColours colours={draft.restingColours} onChange={(restingColours) => onChange({ restingColours })} />
      <details>
        <summary className="cursor-pointer font-semibold text-ink-2">
          Finishes, textures and pieces that rest{said.length > 0 ? `: ${said.join(', ')}` : ''}
        </summary>
        <div className="mt-2 grid gap-3">
          <Choices label="Finishes" words={FINISHES} chosen={draft.restingFinishes} onChange={(restingFinishes) => onChange({ restingFinishes })} />
          <Choices label="Textures" words={TEXTURES} chosen={draft.restingTextures} onChange={(restingTextures) => onChange({ restingTextures })} />
          <div>
            <label className="font-semibold text-ink-2">
              Single pieces{' '}
              <select
                aria-label="Let a single piece rest"
                value=""
                onChange={(event) => event.target.value && onChange({ restingPieces: [...draft.restingPieces, event.target.value] })}
              >
                <option value="">let one rest…</option>
                {pieces
                  .filter((piece) => !draft.restingPieces.includes(piece.id))
                  .map((piece) => (
                    <option key={piece.id} value={piece.id}>
                      {piece.name}
                    </option>
                  ))}
              </select>
            </label>
            <ul className="mt-1 flex flex-wrap gap-1">
              {resting.map((piece) => (
                <li key={piece.id} className="border border-ink bg-yolk-soft px-2 py-0.5">
                  {piece.name}{' '}
                  <button
                    type="button"
                    className="size-6"
                    aria-label={`Let ${piece.name} back in`}
                    onClick={() => onChange({ restingPieces: draft.restingPieces.filter((id) => id !== piece.id) })}
                  >
                    ✕
                  </button>
                </li>
              ))}
            </ul>
          </div>
        </div>
      </details>
    </div>
  );
}
