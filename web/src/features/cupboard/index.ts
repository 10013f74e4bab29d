export { CupboardPage } from './CupboardPage';
