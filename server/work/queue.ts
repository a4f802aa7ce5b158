import { HttpException, HttpStatus, Injectable } from '@nestjs/common';
import PQueue from 'p-queue';

/** Of one address, this many wait at most; a station has one address, and rarely prints more than that at once. */
const MOST_WAITING = 12;
/** How long a turn takes, about: who is refused may ask again after so many turns. */
const TURN_S = 1;

/** Too much is asked for at once; nothing was done. */
export class Busy extends HttpException {
  constructor(readonly retryAfterS: number) {
    super(
      `busy: ${MOST_WAITING} papers and calculations of this address are waiting already; ask again in ${retryAfterS} s`,
      HttpStatus.TOO_MANY_REQUESTS,
    );
  }
}

/** Long work, one at a time for each address: who asks for much waits for himself and for nobody else. */
@Injectable()
export class WorkQueue {
  private readonly queues = new Map<string, PQueue>();

  /**
   * Does a work when it is the address's turn; not at all where whoever asked is gone by then.
   * @throws Busy when too many wait already.
   */
  async run<T>(address: string, work: () => Promise<T>, signal?: AbortSignal): Promise<T> {
    let queue = this.queues.get(address);
    if (!queue) this.queues.set(address, (queue = new PQueue({ concurrency: 1 })));
    if (queue.size >= MOST_WAITING) throw new Busy(MOST_WAITING * TURN_S);
    try {
      return await queue.add(work, signal ? { signal } : {});
    } finally {
      if (queue.size === 0 && queue.pending === 0 && this.queues.get(address) === queue)
        this.queues.delete(address);
    }
  }

  /** How many wait, of all addresses. */
  get waiting(): number {
    return [...this.queues.values()].reduce((sum, { size }) => sum + size, 0);
  }
}
