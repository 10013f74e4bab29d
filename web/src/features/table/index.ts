export { TablePage } from './TablePage';
