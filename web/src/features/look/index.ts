export { LookPage } from './LookPage';
