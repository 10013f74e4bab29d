import { useQuery } from '@tanstack/react-query';
import { useHouse, useSwap } from '../../api/home';
import { consequencesQuery, fitQuery } from '../../api/queries';
import type { Piece } from '../../api/types';
import { capital } from '../../lib/text';
import { Dialog } from '../../ui/Dialog';
import { ChoiceMark } from './ChoiceMark';

/** The working of one fit, colour by colour. */
export function FitDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const house = useHouse();
  const current = useSwap();
  const fit = useQuery(fitQuery(house.home.id, current?.swap.id ?? '', piece.id));
  return (
    <Dialog title={`${piece.name} and the look`} isOpen onClose={onClose}>
      {fit.data && (
        <>
          <table className="plain">
            <thead>
              <tr>
                <th>Colour</th>
                <th className="num">Share</th>
                <th>Nearest ribbon</th>
                <th className="num">Distance</th>
                <th className="num">Score</th>
              </tr>
            </thead>
            <tbody>
              {fit.data.colours.map((colour) => (
                <tr key={colour.hex}>
                  <td>
                    <span className="mr-2 inline-block size-3 border border-line-2 align-middle" style={{ background: colour.hex }} />
                    {colour.hex}
                  </td>
                  <td className="num">{colour.percent} %</td>
                  <td>
                    {colour.ribbon}
                    {colour.rests && ', but rests'}
                  </td>
                  <td className="num">{colour.distance}</td>
                  <td className="num">{colour.score}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-3">
            Share times score, summed, makes a figure out of 100{fit.data.notes.length > 0 ? `; then ${fit.data.notes.join('; ')}` : ''}. That is{' '}
            <b>{fit.data.score}</b>, {fit.data.verdict}.
          </p>
          <Changes piece={piece} />
          <p className="note mt-2">
            Distance is CIEDE2000: up to {fit.data.fullUpTo} scores 1, from {fit.data.nothingFrom} on nothing. A quiet neutral of the look’s warmth
            scores up to {fit.data.neutralScore}.
          </p>
        </>
      )}
    </Dialog>
  );
}

/** What each decision would change for the rooms; nothing is said of those that change nothing. */
function Changes({ piece }: { piece: Piece }) {
  const house = useHouse();
  const current = useSwap();
  const said = useQuery(consequencesQuery(house.home.id, current?.swap.id ?? '', piece.id));
  const choices = said.data?.choices.filter((one) => one.sentences.length > 0) ?? [];
  if (choices.length === 0) return null;
  return (
    <section className="mt-4" aria-label="What would change">
      <h3 className="font-text font-semibold text-ink-2">What would change for the rooms</h3>
      <dl className="mt-1 grid grid-cols-[70px_1fr] gap-x-3 gap-y-1">
        {choices.map((one) => (
          <div key={one.choice} className="contents">
            <dt className="flex items-start gap-1.5 font-semibold">
              <ChoiceMark choice={one.choice} /> {capital(one.choice)}
            </dt>
            <dd>{one.sentences.join(' ')}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
