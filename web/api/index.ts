export { ask, askFile, Refused, Unreachable } from './client';
export * from './queries';
