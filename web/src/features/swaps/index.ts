export { FirstPage } from './FirstPage';
export { SwapsPage } from './SwapsPage';
