export { DayPage } from './DayPage';
