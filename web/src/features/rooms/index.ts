export { RoomsPage } from './RoomsPage';
