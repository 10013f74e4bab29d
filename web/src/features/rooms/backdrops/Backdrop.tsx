import type { Dressing, Spot } from '../../../api/types';
import { hasSides, isUpright } from '../../../lib/runs';
import { BackWall } from '../ElevationParts';
import type { Frame } from '../frame';
import { Doorway } from './Doorway';
import { Panel } from './Panel';
import { Post } from './Post';
import { Rail } from './Rail';
import { Seat } from './Seat';
import { TableSide } from './TableSide';
import { Tiers } from './Tiers';
import { TreeBands } from './TreeBands';

export type BackdropProps = { spot: Spot; frame: Frame; dressing: Pick<Dressing, 'boards' | 'placements' | 'hangAt'> };

/** What is behind and under the pieces, by the form of the spot; all of it drawn from its measures. */
export function Backdrop(props: BackdropProps) {
  switch (props.spot.form) {
    case 'tiers':
      return props.spot.tiers.length > 1 ? <Tiers {...props} /> : <BackWall {...props} />;
    case 'panel':
      return <Panel {...props} />;
    case 'run':
      if (hasSides(props.spot)) return <Doorway {...props} />;
      return isUpright(props.spot) ? <Post {...props} /> : <Rail {...props} />;
    case 'seat':
      return <Seat {...props} />;
    case 'table':
      return <TableSide {...props} />;
    case 'cone':
      return <TreeBands {...props} />;
    default:
      return <BackWall {...props} />;
  }
}
