export { ask, Refused, Unreachable } from './client';
export * from './queries';
