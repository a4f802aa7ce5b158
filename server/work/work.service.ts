import { Injectable } from '@nestjs/common';
import type { OnModuleDestroy } from '@nestjs/common';
import { BadInput } from '#core/build';
import { startBuild } from '#core/demonstration';
import type { Asker } from '../gate/index.js';
import { aside } from './aside.js';
import { WorkQueue } from './queue.js';
import type { WorkDone, WorkOrder } from './worker.js';

const MOST_MEMORY_MB = 512;

/** Judges and evaluates what is large, aside from the thread that answers. */
@Injectable()
export class WorkService implements OnModuleDestroy {
  // It takes a second to begin: once it is there it stays.
  private readonly pool = aside<WorkOrder, WorkDone>('#worker', {
    idleMs: Infinity,
    mostMemoryMb: MOST_MEMORY_MB,
  });

  constructor(private readonly queue: WorkQueue) {}

  /**
   * Does an order when it is the asker's turn.
   * @throws BadInput as the work itself would, Busy when too much waits.
   */
  async do(order: WorkOrder, { address, signal }: Asker): Promise<unknown> {
    return this.queue.run(address, () => this.aside(order, signal), signal);
  }

  /** Does an order of the server's own, which waits for nobody's turn. */
  async aside(order: WorkOrder, signal?: AbortSignal): Promise<unknown> {
    const done = await this.pool.run(order, signal ? { signal } : {});
    if ('problems' in done) throw new BadInput(done.problems);
    return done.result;
  }

  /** Begins, so that the first who asks need not wait for it. */
  async warm(): Promise<void> {
    await this.aside({ kind: 'glance', file: startBuild('pumper', 'rural', 'Warm', 'Warm') });
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool.destroy();
  }
}
