export { CardsPage } from './CardsPage';
export { RoomsPage } from './RoomsPage';
