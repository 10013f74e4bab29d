import ICAL from 'ical.js';
import { readFileSync } from 'node:fs';

const [text] = JSON.parse(readFileSync(0, 'utf8'));
const calendar = new ICAL.Component(ICAL.parse(text));
process.stdout.write(
  JSON.stringify(
    calendar.getAllSubcomponents('vevent').map((one) => {
      const event = new ICAL.Event(one);
      return [event.summary, event.startDate.toString(), event.endDate.toString(), event.startDate.isDate];
    }),
  ),
);
