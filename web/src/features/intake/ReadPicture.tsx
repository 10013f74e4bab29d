import type { FoundColours, Intake } from '../../api/types';
import { Silhouette, shownHeight } from '../../silhouettes/Silhouette';

const UNKNOWN = 1524;

type Props = { reading: Intake; colours?: FoundColours['colours']; width: number; height: number };

/** What was read, drawn as the piece will look; in outline while its kind is not known. */
export function ReadPicture({ reading, colours = [], width, height }: Props) {
  const piece = {
    id: reading.name || 'line',
    kind: reading.kind ?? 'box',
    width: reading.width ?? UNKNOWN,
    height: reading.height ?? UNKNOWN,
    colours: colours.length > 0 ? [...colours] : reading.colours.length > 0 ? reading.colours : [{ hex: '#D8D6CC', percent: 100 }],
    finish: reading.finish,
    shape: reading.shape,
    pattern: reading.pattern,
  };
  const isGhost = reading.kind === null || reading.height === null || reading.width === null;
  const scale = Math.min((height - 12) / shownHeight(piece), (width - 20) / (piece.width / 254));
  return (
    <svg width={width} height={height} className="flex-none" aria-hidden="true">
      <Silhouette piece={piece} scale={scale} x={width / 2} y={height - 1} isGhost={isGhost} />
    </svg>
  );
}
