import { useMutation, useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { api, take } from '../api/client';
import { useHouse } from '../api/home';
import { spotPhotosQuery } from '../api/queries';
import type { PhotoMoment, Spot, SpotPhoto, Swap } from '../api/types';
import { useNotices } from '../lib/notices';
import { useWaiting } from './waiting/WaitingActs';

type Props = { spot: Spot; swap: Swap; isClosed: boolean; size?: 'small' | 'paper' };

const MOMENTS: readonly PhotoMoment[] = ['before', 'after'];
const WORDS: Record<PhotoMoment, string> = { before: 'before it was dressed', after: 'as it stood' };

/** How a spot looked before it was dressed and as it stood, and as it stood in seasons gone by. */
export function SpotPhotos({ spot, swap, isClosed, size = 'small' }: Props) {
  const home = useHouse().home.id;
  const notices = useNotices();
  const waiting = useWaiting();
  const isOnItsWay = waiting.acts.some((act) => act.kind === 'photo' && 'spot' in act && act.swap === swap.id && act.spot === spot.id);
  const all = useQuery(spotPhotosQuery(home)).data?.photos.filter((one) => one.spot === spot.id) ?? [];
  const act = useMutation({ mutationFn: (send: () => Promise<unknown>) => send(), onError: (error) => notices.problem(error) });
  const isPaper = size === 'paper';
  const earlier = isPaper ? [] : all.filter((one) => one.swap !== swap.id && one.moment === 'after').slice(0, 3);
  const shown = MOMENTS.map((moment) => ({ moment, photo: all.find((one) => one.swap === swap.id && one.moment === moment) }));
  const keep = (moment: PhotoMoment, file: File) => waiting.add({ kind: 'photo', swap: swap.id, spot: spot.id, moment, file });
  const remove = (photo: SpotPhoto) =>
    act.mutate(() => take(api.DELETE('/api/homes/{home}/spot-photos/{photo}', { params: { path: { home, photo: photo.id } } })));
  if (isClosed && earlier.length === 0 && shown.every((one) => !one.photo)) return null;
  return (
    <div className="flex flex-wrap items-end gap-3">
      {shown.map(({ moment, photo }) =>
        photo ? (
          <Shown key={moment} home={home} photo={photo} words={WORDS[moment]} spot={spot} isPaper={isPaper}>
            {!isClosed && (
              <span className="no-print flex gap-3">
                <Take label="Another photo" about={`${spot.name} ${WORDS[moment]}`} onTake={(file) => keep(moment, file)} />
                <button type="button" className="link" onClick={() => remove(photo)}>
                  take away
                </button>
              </span>
            )}
          </Shown>
        ) : (
          !isClosed && (
            <span key={moment} className="no-print">
              <Take label={`Photo ${moment}`} about={`${spot.name} ${WORDS[moment]}`} isButton onTake={(file) => keep(moment, file)} />
            </span>
          )
        ),
      )}
      {earlier.map((photo) => (
        <Shown key={photo.id} home={home} photo={photo} words={photo.swapName} spot={spot} isPaper={isPaper} />
      ))}
      {isOnItsWay && <span className="note">{waiting.isHeld ? 'A photo waits for the signal.' : 'The photo is on its way …'}</span>}
    </div>
  );
}

type ShownProps = { home: string; photo: SpotPhoto; words: string; spot: Spot; isPaper: boolean; children?: React.ReactNode };

function Shown({ home, photo, words, spot, isPaper, children }: ShownProps) {
  const address = `/api/homes/${home}/spot-photos/${photo.id}?at=${photo.at}`;
  return (
    <figure>
      <a href={address} target="_blank" rel="noreferrer">
        <img
          src={address}
          alt={`${spot.name}, ${words}`}
          className={`border border-line-2 bg-card object-cover ${isPaper ? 'h-[220px] w-[300px]' : 'h-[96px] w-[128px]'}`}
        />
      </a>
      <figcaption className="note">
        {words} {children}
      </figcaption>
    </figure>
  );
}

type TakeProps = { label: string; about: string; isButton?: boolean; onTake: (file: File) => void };

/** On a phone the camera opens, elsewhere a file is chosen. */
function Take({ label, about, isButton = false, onTake }: TakeProps) {
  const id = useId();
  return (
    <>
      <input
        id={id}
        type="file"
        accept="image/png,image/jpeg,image/webp"
        capture="environment"
        aria-label={`Photo of ${about}`}
        className="peer sr-only"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) onTake(file);
          event.target.value = '';
        }}
      />
      <label htmlFor={id} className={`cursor-pointer peer-focus-visible:outline-2 peer-focus-visible:outline-ink ${isButton ? 'btn' : 'link'}`}>
        {label}
      </label>
    </>
  );
}
