import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { api, take } from '../../api/client';
import { useHouse } from '../../api/home';
import { dressingQuery, versionsQuery } from '../../api/queries';
import type { Dressing, Piece, RoomCopy, Spot, SpotVersion, SpotVersionFrom } from '../../api/types';
import { useNotices } from '../../lib/notices';
import { counted } from '../../lib/text';
import { Elevation } from './Elevation';
import { reachOf } from './frame';

type Props = { home: string; swap: string; spot: Spot; dressing: Dressing; pieces: ReadonlyMap<string, Piece>; isClosed: boolean };

const nothing = () => {};

/** Other ways to dress the spot, each on its own short board, to one scale, with what the coach says and what it takes from where. */
export function VersionShelf({ home, swap, spot, dressing, pieces, isClosed }: Props) {
  const { versions, leftOut, copied, keep, copyRoom, choose, drop, isBusy } = useVersions(home, swap, spot);
  const isBare = dressing.placements.length === 0;
  if (versions.length === 0 && (isBare || isClosed)) return null;
  const shown = versions.map((version) => ({ version, drawn: { ...dressing, placements: version.placements, skyline: [] } }));
  const reach = reachOf([dressing, ...shown.map((one) => one.drawn)].flatMap((one) => one.placements));
  return (
    <section aria-label="Versions" className="no-print border-t border-line px-2 py-2" data-testid="versions">
      <div className="flex flex-wrap items-center gap-2">
        <b className="panel-title mr-2">Versions</b>
        {!isClosed && !isBare && (
          <>
            {FROM.map(([from, label]) => (
              <button key={from} type="button" className="btn" disabled={isBusy} onClick={() => keep({ from })}>
                {label}
              </button>
            ))}
            <CopyTo spot={spot} isBusy={isBusy} onCopy={(onto) => keep({ from: 'as it stands', onto })} onRoom={copyRoom} />
          </>
        )}
        {leftOut.length > 0 && <span role="status">Found no place: {leftOut.join(', ')}.</span>}
      </div>
      {copied && <Copied copied={copied} path={`/homes/${home}/swaps/${swap}/rooms/`} />}
      {versions.length === 0 && <p className="note mt-1">Keep what stands here as a version, then try another way: nothing is lost by trying.</p>}
      <ul className="mt-2 grid grid-cols-2 gap-3 max-md:grid-cols-1">
        {shown.map(({ version, drawn }) => (
          <li key={version.id} className="border border-line bg-card">
            <div className="flex items-baseline gap-2 px-2 py-1">
              <b className="tagcard px-2 font-display text-[15px]">{version.label}</b>
              <span className="flex-1">
                {version.score !== null && <b>{version.score}</b>} {counted(version.placements.length, 'piece')}
              </span>
              {!isClosed && (
                <>
                  <button
                    type="button"
                    className="btn btn-main"
                    disabled={isBusy}
                    onClick={() => choose({ version, brings: false })}
                    aria-label={`Dress it as version ${version.label}`}
                  >
                    Choose
                  </button>
                  <button type="button" className="btn" disabled={isBusy} onClick={() => drop(version)} aria-label={`Drop version ${version.label}`}>
                    Drop
                  </button>
                </>
              )}
            </div>
            <Elevation spot={spot} dressing={drawn} pieces={pieces} chosen={null} onChoose={nothing} onMove={nothing} isClosed reach={reach} />
            <VersionNotes version={version} />
            {!isClosed && version.elsewhere.length > 0 && (
              <p className="flex flex-wrap items-center gap-2 px-2 pb-2">
                <span className="note flex-1">Planned elsewhere: {version.elsewhere.join(', ')}.</span>
                <button type="button" className="btn" disabled={isBusy} onClick={() => choose({ version, brings: true })}>
                  Choose, and bring it here
                </button>
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

const FROM: readonly (readonly [SpotVersionFrom, string])[] = [
  ['as it stands', 'Keep as it stands'],
  ['centred', 'Try it centred'],
  ['off-centre', 'Try it off-centre'],
];

function VersionNotes({ version }: { version: SpotVersion }) {
  return (
    <p className="note px-2 pb-2">
      {version.open.length === 0 ? 'Nothing to look at again.' : `Look again: ${version.open.join(', ').toLowerCase()}.`}
      {version.takes.length > 0 && ` Takes ${version.takes.join('; ')}.`}
      {version.lost.length > 0 && <b className="text-ink"> Not free any more: {version.lost.join(', ')}.</b>}
    </p>
  );
}

/** What became of each spot of a room that was copied. */
function Copied({ copied, path }: { copied: RoomCopy; path: string }) {
  return (
    <ul className="mt-1" role="status" aria-label="The room is copied">
      {copied.spots.map((one) => (
        <li key={one.from}>
          {one.from}:{' '}
          {one.onto ? (
            <Link className="link" to={path + one.onto}>
              version {one.label} of {one.name}
            </Link>
          ) : one.name ? (
            `nothing of it goes on ${one.name}`
          ) : (
            'no spot like it there'
          )}
          {one.onto && one.leftOut.length > 0 && `, without ${one.leftOut.join(', ')}`}
        </li>
      ))}
    </ul>
  );
}

type CopyProps = { spot: Spot; isBusy: boolean; onCopy: (onto: string) => void; onRoom: (onto: string) => void };

function CopyTo({ spot, isBusy, onCopy, onRoom }: CopyProps) {
  const house = useHouse();
  const own = house.rooms.find((room) => room.id === spot.room);
  const others = house.rooms.filter((room) => room.id !== spot.room && house.spots.some((one) => one.room === room.id));
  const copy = (chosen: string) => {
    if (others.some((room) => room.id === chosen)) onRoom(chosen);
    else if (chosen) onCopy(chosen);
  };
  return (
    <select aria-label="Copy it to another spot" value="" disabled={isBusy} onChange={(event) => copy(event.target.value)}>
      <option value="">Copy it to…</option>
      {house.rooms.map((room) => (
        <optgroup key={room.id} label={room.name}>
          {house.spots
            .filter((one) => one.room === room.id && one.id !== spot.id)
            .map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
        </optgroup>
      ))}
      <optgroup label={`All of ${own?.name ?? 'the room'}`}>
        {others.map((room) => (
          <option key={room.id} value={room.id}>
            onto all of {room.name}
          </option>
        ))}
      </optgroup>
    </select>
  );
}

function useVersions(home: string, swap: string, spot: Spot) {
  const queries = useQueryClient();
  const notices = useNotices();
  const navigate = useNavigate();
  // What found no place is told where the copy was made, which is another spot than where it was asked for.
  const told = useLocation().state as { leftOut?: readonly string[] } | null;
  const [leftOut, setLeftOut] = useState<readonly string[]>(told?.leftOut ?? []);
  const options = versionsQuery(home, swap, spot.id);
  const { data } = useQuery(options);
  const path = { home, swap };
  const keep = useMutation({
    mutationFn: (body: { from: SpotVersionFrom; onto?: string }) =>
      take(
        api.POST('/api/homes/{home}/swaps/{swap}/spots/{spot}/versions', {
          params: { path: { ...path, spot: spot.id } },
          body: { onto: null, ...body },
        }),
      ),
    onSuccess: (answer, { onto }) => {
      queries.setQueryData(versionsQuery(home, swap, onto ?? spot.id).queryKey, answer);
      if (onto) void navigate(`/homes/${home}/swaps/${swap}/rooms/${onto}`, { state: { leftOut: answer.leftOut ?? [] } });
      else setLeftOut(answer.leftOut ?? []);
    },
    onError: (error) => notices.problem(error),
  });
  const copyRoom = useMutation({
    mutationFn: (onto: string) =>
      take(api.POST('/api/homes/{home}/swaps/{swap}/rooms/{room}/copies', { params: { path: { ...path, room: spot.room } }, body: { onto } })),
    onError: (error) => notices.problem(error),
  });
  const choose = useMutation({
    mutationFn: ({ version, brings }: { version: SpotVersion; brings: boolean }) =>
      take(
        api.POST('/api/homes/{home}/swaps/{swap}/versions/{version}/choice', {
          params: { path: { ...path, version: version.id } },
          body: { brings },
        }),
      ),
    onSuccess: (answer) => {
      queries.setQueryData(dressingQuery(home, swap, spot.id).queryKey, answer);
      void queries.invalidateQueries({ queryKey: options.queryKey });
    },
    onError: (error) => notices.problem(error),
  });
  const drop = useMutation({
    mutationFn: (version: SpotVersion) =>
      take(api.DELETE('/api/homes/{home}/swaps/{swap}/versions/{version}', { params: { path: { ...path, version: version.id } } })),
    onSuccess: (answer) => queries.setQueryData(options.queryKey, answer),
    onError: (error) => notices.problem(error),
  });
  return {
    versions: data?.versions ?? [],
    leftOut,
    copied: copyRoom.data,
    keep: keep.mutate,
    copyRoom: copyRoom.mutate,
    choose: choose.mutate,
    drop: drop.mutate,
    isBusy: keep.isPending || copyRoom.isPending || choose.isPending || drop.isPending,
  };
}
