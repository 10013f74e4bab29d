export { HousePage } from './HousePage';
