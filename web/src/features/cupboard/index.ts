export { CupboardPage } from './CupboardPage';
export { TogetherDialog } from './TogetherDialog';
export { ToteDialog } from './ToteDialog';
