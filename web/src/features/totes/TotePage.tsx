import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { useHouse } from '../../api/home';
import { piecesQuery, toteQuery } from '../../api/queries';
import { failed } from '../../lib/failed';
import { EmptyLedge, ErrorLedge, LoadingLedges } from '../../ui/States';
import { ToteView } from './ToteView';

/** One tote opened; also what a scanned label leads to. */
export function TotePage() {
  const house = useHouse();
  const { tote: id = '' } = useParams();
  const tote = house.totes.find((one) => one.id === id);
  const contents = useQuery({ ...toteQuery(house.home.id, id), enabled: tote !== undefined });
  const pieces = useQuery(piecesQuery(house.home.id));
  if (!tote) return <EmptyLedge>This tote is not there any more. Its label can come off.</EmptyLedge>;
  const error = failed(contents, pieces);
  if (error) return <ErrorLedge error={error} onRetry={() => void Promise.all([contents.refetch(), pieces.refetch()])} />;
  if (!contents.data || !pieces.data) return <LoadingLedges />;
  return <ToteView key={tote.id} tote={tote} contents={contents.data} pieces={pieces.data} />;
}
