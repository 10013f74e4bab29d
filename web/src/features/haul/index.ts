export { HaulPage } from './HaulPage';
