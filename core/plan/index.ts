export { type OwnTimes, type Task, type TaskKind } from './row';
export * from './tasks';
