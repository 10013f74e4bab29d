import * as astronomy from 'astronomy-engine';
import { readFileSync } from 'node:fs';

const years = JSON.parse(readFileSync(0, 'utf8'));
process.stdout.write(
  JSON.stringify(
    years.map((year) => {
      const seasons = astronomy.Seasons(year);
      return [seasons.mar_equinox, seasons.jun_solstice, seasons.sep_equinox, seasons.dec_solstice].map((time) => Math.round(time.date.getTime() / 1000));
    }),
  ),
);
