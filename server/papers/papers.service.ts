import { createRequire } from 'node:module';
import { Injectable } from '@nestjs/common';
import type { OnModuleDestroy } from '@nestjs/common';
import { Piscina } from 'piscina';
import type { PaperQuery } from '#core/spec';
import { BuildsService, HistoryService } from '../builds/index.js';
import type { PrintOrder } from './press.js';

const TYPE_NAMES = { pumper: 'Pumper', aerial: 'Aerial', brush: 'Brush truck' } as const;
const KEPT_WARM_MS = 10 * 60_000;

/** Papers of a build, made of the revision that is asked for. */
@Injectable()
export class PapersService implements OnModuleDestroy {
  // Built code, whatever flags the server itself runs with.
  private readonly press = new Piscina<PrintOrder, Uint8Array>({
    filename: createRequire(import.meta.url).resolve('#press'), minThreads: 0, maxThreads: 1, idleTimeout: KEPT_WARM_MS, execArgv: [],
  });

  constructor(
    private readonly builds: BuildsService,
    private readonly history: HistoryService,
  ) {}

  /** The weight sheet as a PDF, and a name for its file. */
  async weights(buildId: string, { units = 'us', revision }: PaperQuery): Promise<{ name: string; pdf: Buffer }> {
    const build = await this.builds.one(buildId);
    const of = await this.history.one(buildId, revision ?? build.revision);
    const { department } = build.spec;
    const imprint = { build: of.spec.name, department: department.name, type: TYPE_NAMES[of.spec.type], revision: of.revision, date: new Date(of.savedAt), who: of.who };
    const pdf = await this.press.run({ spec: { ...of.spec, department }, imprint, units });
    return { name: `${fileName(of.spec.name)}-weights-r${of.revision}.pdf`, pdf: Buffer.from(pdf) };
  }

  async onModuleDestroy(): Promise<void> {
    await this.press.destroy();
  }
}

/** Letters, digits and dashes: a header takes no more. */
const fileName = (name: string): string => name.normalize('NFKD').replace(/[^a-zA-Z0-9]+/g, '-').replace(/^-|-$/g, '').toLowerCase() || 'build';
