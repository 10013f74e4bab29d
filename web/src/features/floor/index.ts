export { FloorPage } from './FloorPage';
