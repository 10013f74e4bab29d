/** A minute of the day as a time: 570 is "9:30". Past midnight it goes on counting, so that a day that is too long says so. */
export const clock = (minute: number): string => `${Math.floor(minute / 60)}:${String(minute % 60).padStart(2, '0')}`;
