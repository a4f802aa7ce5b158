import { Injectable, NotFoundException, UnprocessableEntityException } from '@nestjs/common';
import type { OnModuleDestroy } from '@nestjs/common';
import { PAPERS } from '#core/papers';
import type { PaperQuery } from '#core/exchange';
import { BuildsService, HistoryService } from '../builds/index.js';
import type { Asker } from '../gate/index.js';
import { aside, Busy, WorkQueue } from '../work/index.js';
import type { PrintOrder } from './press.js';

const TYPE_NAMES = { pumper: 'Pumper', aerial: 'Aerial', brush: 'Brush truck' } as const;
const KEPT_WARM_MS = 10 * 60_000;

/** Papers of a build, made of the revision that is asked for. */
@Injectable()
export class PapersService implements OnModuleDestroy {
  private readonly press = aside<PrintOrder, Uint8Array>('#press', { idleMs: KEPT_WARM_MS });

  constructor(
    private readonly builds: BuildsService,
    private readonly history: HistoryService,
    private readonly queue: WorkQueue,
  ) {}

  /** A paper of a build as a PDF, and a name for its file. */
  async print(
    buildId: string,
    paper: string,
    { units = 'us', revision }: PaperQuery,
    { address, signal }: Asker,
  ): Promise<{ name: string; pdf: Buffer }> {
    const kind = PAPERS.find(({ id }) => id === paper);
    if (!kind)
      throw new NotFoundException(
        `there is no paper "${paper}"; there is ${PAPERS.map(({ id }) => id).join(', ')}`,
      );
    const view = await this.builds.one(buildId);
    const of = await this.history.one(buildId, revision ?? view.revision);
    const { department } = view.build;
    const imprint = {
      build: of.build.name,
      department: department.name,
      type: TYPE_NAMES[of.build.type],
      revision: of.revision,
      date: new Date(of.savedAt),
      who: of.who,
    };
    const order = { paper: kind.id, build: { ...of.build, department }, imprint, units };
    const pdf = await this.queue
      .run(address, () => this.press.run(order, { signal }), signal)
      .catch((error: unknown) => {
        // What the build itself can't give is no fault of the press.
        if (error instanceof Busy || signal.aborted) throw error;
        throw new UnprocessableEntityException(`this build can’t be printed: ${(error as Error).message}`);
      });
    return { name: `${fileName(of.build.name)}-${kind.id}-r${of.revision}.pdf`, pdf: Buffer.from(pdf) };
  }

  async onModuleDestroy(): Promise<void> {
    await this.press.destroy();
  }
}

/** Letters, digits and dashes: a header takes no more. */
export const fileName = (name: string): string =>
  name
    .normalize('NFKD')
    .replace(/[^a-zA-Z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .toLowerCase() || 'build';
