import { Dialog } from '../ui/Dialog';

const KEYS: readonly { where: string; keys: readonly [string, string][] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['?', 'this sheet'],
      ['/', 'find a piece, tote or spot'],
      ['Ctrl Z', 'undo the last thing you did'],
      ['Ctrl Y', 'do again what was undone'],
      ['J', 'what was done, each with its way back'],
      ['Alt 1 to 6', 'the stations from Look to Settle'],
      ['Alt 7 8 9 0', 'Cupboard, House, Swaps, Ledger'],
      ['Alt B, Alt C', 'Workbench, Calendar'],
      ['Tab', 'next control; shelves are one stop'],
      ['Esc', 'close a dialog, let go of what is taken'],
    ],
  },
  {
    where: 'Shelves (Table, Cupboard)',
    keys: [
      ['← →', 'along the shelf'],
      ['↑ ↓', 'to the shelf above or below'],
      ['Space', 'take several'],
      ['Home End', 'first, last'],
    ],
  },
  {
    where: 'Table',
    keys: [
      ['S M B R P', 'stay, move, bring, rest, part'],
      ['U', 'take a decision back'],
      ['A', 'accept the suggestion'],
      ['N', 'next undecided'],
      ['C', 'the pieces taken, side by side'],
      ['W', 'why this figure'],
    ],
  },
  {
    where: 'Rooms',
    keys: [
      ['← →', 'move along by an inch or 2 cm (Shift: a quarter)'],
      ['↑ ↓', 'layer back or front; on boards and trees the board or band, on a wall the height'],
      ['B  F', 'layer back or front on any spot'],
      ['R  Shift R', 'raise or lower by a step'],
      ['D  Shift D', 'a garland’s dips: one more, one fewer'],
      ['T', 'turn the next side of a piece to the front'],
      ['H', 'put it the next way: hang, lean, stand it'],
      ['+ −', 'one more, one fewer'],
      ['S', 'spread several with even gaps'],
      ['Del', 'take off'],
      ['1 to 9', 'stand the candidate of that number'],
      ['G', 'how much? the sums for this spot'],
    ],
  },
  { where: 'Look', keys: [['← →', 'on a ribbon’s edge: narrower, wider']] },
];

/** All keys on one sheet. */
export function KeyMap({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <Dialog title="Keys" isOpen={isOpen} onClose={onClose} isWide>
      <div className="grid gap-5 sm:grid-cols-2">
        {KEYS.map((group) => (
          <section key={group.where}>
            <h3 className="mb-1 text-[15px]">{group.where}</h3>
            <dl className="grid grid-cols-[110px_1fr] gap-y-1">
              {group.keys.map(([key, what]) => (
                <div key={key} className="contents">
                  <dt>
                    <kbd>{key}</kbd>
                  </dt>
                  <dd>{what}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Dialog>
  );
}
