export { TotePage } from './TotePage';
