export { CalcModule } from './calc.module.js';
