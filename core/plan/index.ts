export { type Task, type TaskKind } from './row';
export * from './tasks';
