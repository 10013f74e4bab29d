import { useState } from 'react';
import { api, take } from '../../api/client';
import type { Calendar } from '../../api/types';
import { Field } from '../../ui/Field';
import { FormDialog } from '../../ui/FormDialog';

type Props = { calendar: Calendar; home: string; onClose: () => void };

const HINT = [
  '“Tree day: 24 Dec”, “Egg hunt: 1 day after Easter”, “Supper: last Sunday of September, sale after”.',
  'What waits for its day: “Stockings: not before Christmas Eve”, with a spot, a room, a kind or a piece.',
].join(' ');

/** The feasts and traditions of the home, one on a line as people say them. */
export function FeastsDialog({ calendar, home, onClose }: Props) {
  const [feasts, setFeasts] = useState(calendar.feasts);
  const [hemisphere, setHemisphere] = useState(calendar.hemisphere);
  const many = (text: string) => `${text.split('\n').filter((line) => line.trim() !== '').length} lines`;
  return (
    <FormDialog<Calendar, Calendar>
      title="Feasts and traditions"
      onClose={onClose}
      save={(version) => take(api.PUT('/api/homes/{home}/calendar', { params: { path: { home } }, body: { feasts, hemisphere, version } }))}
      saveLabel="Save"
      version={calendar.version}
      inWords={{ theirs: (kept) => many(kept.feasts), mine: many(feasts) }}
    >
      <Field label="One on a line: name, colon, when" name="feasts" hint={HINT}>
        {(control) => (
          <textarea {...control} rows={14} className="w-full font-text" value={feasts} onChange={(event) => setFeasts(event.target.value)} />
        )}
      </Field>
      <Field label="Half of the earth" name="hemisphere">
        {(control) => (
          <select {...control} value={hemisphere} onChange={(event) => setHemisphere(event.target.value === 'south' ? 'south' : 'north')}>
            <option value="north">north: winter begins in December</option>
            <option value="south">south: winter begins in June</option>
          </select>
        )}
      </Field>
    </FormDialog>
  );
}
