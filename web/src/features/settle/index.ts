export { SettlePage } from './SettlePage';
