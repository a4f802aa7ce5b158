import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { house } from '#core/subjects';

import type { RevisionDetail, RevisionView } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import { CatalogueService } from '../catalogue/index.js';
import { BuildRevision } from './build.entity.js';
import { BuildsService } from './builds.service.js';

const view = (row: BuildRevision, build: BuildFile): RevisionView => ({
  revision: row.revision,
  words: row.words,
  who: row.who,
  label: row.label,
  savedAt: row.savedAt.toISOString(),
  figures: row.figures ?? house.measure(build),
});

/** The revisions of a build: nothing is overwritten, and each can be looked at again. */
@Injectable()
export class HistoryService {
  constructor(
    @InjectRepository(BuildRevision) private readonly revisions: Repository<BuildRevision>,
    private readonly builds: BuildsService,
    private readonly catalogue: CatalogueService,
  ) {}

  /** All revisions, the newest first. */
  async list(buildId: string): Promise<RevisionView[]> {
    await this.builds.one(buildId);
    const rows = await this.revisions.find({ where: { buildId }, order: { revision: 'DESC' } });
    const builds = await this.files(rows);
    return rows.map((row, i) => view(row, builds[i]!));
  }

  async one(buildId: string, revision: number): Promise<RevisionDetail> {
    const row = await this.row(buildId, revision);
    const [build] = await this.files([row]);
    return { ...view(row, build!), build: build! };
  }

  /** Names a revision, or takes its name away. */
  async name(buildId: string, revision: number, label: string): Promise<RevisionView> {
    const row = await this.row(buildId, revision);
    const [build] = await this.files([row]);
    return view(await this.revisions.save({ ...row, label: label.trim() }), build!);
  }

  /** The builds of revisions as files of today. */
  private async files(rows: BuildRevision[]): Promise<BuildFile[]> {
    const files = rows.map(({ file }) => file);
    return (await this.catalogue.whole(files, this.revisions.manager)).map(
      (file) => house.upgrade(file) as BuildFile,
    );
  }

  private async row(buildId: string, revision: number): Promise<BuildRevision> {
    const row = await this.revisions.findOneBy({ buildId, revision });
    if (!row) throw new NotFoundException(`build ${buildId} has no revision ${revision}`);
    return row;
  }
}
