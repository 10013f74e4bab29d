export { CalendarPage } from './CalendarPage';
