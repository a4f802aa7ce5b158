import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { house } from '#core/subjects';

import type { RevisionDetail, RevisionView } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import { BuildRevision } from './build.entity.js';
import { BuildsService } from './builds.service.js';

const upgraded = ({ file }: BuildRevision): BuildFile => house.upgrade(file) as BuildFile;

const view = (row: BuildRevision): RevisionView => ({
  revision: row.revision,
  words: row.words,
  who: row.who,
  label: row.label,
  savedAt: row.savedAt.toISOString(),
  figures: row.figures ?? house.measure(upgraded(row)),
});

/** The revisions of a build: nothing is overwritten, and each can be looked at again. */
@Injectable()
export class HistoryService {
  constructor(
    @InjectRepository(BuildRevision) private readonly revisions: Repository<BuildRevision>,
    private readonly builds: BuildsService,
  ) {}

  /** All revisions, the newest first. */
  async list(buildId: string): Promise<RevisionView[]> {
    await this.builds.one(buildId);
    return (await this.revisions.find({ where: { buildId }, order: { revision: 'DESC' } })).map(view);
  }

  async one(buildId: string, revision: number): Promise<RevisionDetail> {
    const row = await this.row(buildId, revision);
    return { ...view(row), build: upgraded(row) };
  }

  /** Names a revision, or takes its name away. */
  async name(buildId: string, revision: number, label: string): Promise<RevisionView> {
    const row = await this.row(buildId, revision);
    return view(await this.revisions.save({ ...row, label: label.trim() }));
  }

  private async row(buildId: string, revision: number): Promise<BuildRevision> {
    const row = await this.revisions.findOneBy({ buildId, revision });
    if (!row) throw new NotFoundException(`build ${buildId} has no revision ${revision}`);
    return row;
  }
}
