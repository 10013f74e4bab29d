import type { Guard } from '../../api/types';
import { Triangle } from '../../lib/notices';

/** Classic mistakes about to be made; each leads to the pieces it is about. */
export function Guards({ guards, onShow }: { guards: readonly Guard[]; onShow: (pieces: readonly string[]) => void }) {
  if (guards.length === 0) return null;
  return (
    <details className="bg-paper px-[22px] pb-1 max-md:px-2">
      <summary className="flex cursor-pointer items-center gap-2 font-semibold">
        <Triangle /> {guards.length === 1 ? guards[0]?.sentence : `${guards.length} things to look at before it is done`}
      </summary>
      <ul className="mt-1 grid gap-1 pb-1 pl-6">
        {guards.map((guard) => (
          <li key={guard.sentence}>
            {guard.sentence}{' '}
            <button type="button" className="link" onClick={() => onShow(guard.pieces)}>
              Show
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
