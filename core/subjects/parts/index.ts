import { ownPartsBlock } from '../../kernel/index.js';
import type { Subject } from '../../kernel/index.js';

/** The department's own parts that travel with a build. */
export const parts: Subject = { id: 'parts', title: 'Own parts', block: ownPartsBlock };
