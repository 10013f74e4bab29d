export { CupboardPage } from './CupboardPage';
export { ToteDialog } from './ToteDialog';
