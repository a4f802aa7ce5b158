export { JudgePipe } from './judge.pipe.js';
export { IdPipe, RecordPipe, RevisionPipe } from './pipes.js';
export { ProblemFilter } from './problem.filter.js';
export { StaleSave } from './problem.js';
export type { ProblemDetails } from './problem.js';
