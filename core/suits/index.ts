export { besideTheList } from './beside';
export * from './suitable';
