export { WhereaboutsModule } from './whereabouts.module.js';
