export { IntakePage } from './IntakePage';
export { TableFilePage } from './TableFilePage';
