import { Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { In, LessThan, Repository } from 'typeorm';
import { house } from '#core/subjects';

import { USUAL_HISTORY } from '#core/exchange';
import type { HistoryQuery, RevisionDetail, RevisionView } from '#core/exchange';
import type { Build as BuildFile } from '#core/build';
import type { Figures } from '#core/kernel';
import { CatalogueService } from '../catalogue/index.js';
import { Build, BuildRevision } from './build.entity.js';

/** A revision without its choices. */
type Line = Omit<BuildRevision, 'build' | 'file'>;

const view = (row: Line, figures: Figures, before?: Figures): RevisionView => ({
  revision: row.revision,
  words: row.words,
  who: row.who,
  label: row.label,
  savedAt: row.savedAt.toISOString(),
  figures,
  ...(before ? { before } : {}),
});

/** The revisions of a build: nothing is overwritten, and each can be looked at again. */
@Injectable()
export class HistoryService {
  constructor(
    @InjectRepository(BuildRevision) private readonly revisions: Repository<BuildRevision>,
    @InjectRepository(Build) private readonly builds: Repository<Build>,
    private readonly catalogue: CatalogueService,
  ) {}

  /** A page of revisions, the newest first, without their choices. */
  async page(buildId: string, { before, most = USUAL_HISTORY }: HistoryQuery): Promise<RevisionView[]> {
    if (!(await this.builds.existsBy({ id: buildId })))
      throw new NotFoundException(`there is no build ${buildId}`);
    const rows: Line[] = await this.revisions.find({
      where: { buildId, ...(before === undefined ? {} : { revision: LessThan(before) }) },
      order: { revision: 'DESC' },
      // One more: what the last one changed is told as well.
      take: most + 1,
      select: {
        id: true,
        buildId: true,
        revision: true,
        words: true,
        who: true,
        label: true,
        savedAt: true,
        figures: true,
        standing: true,
      },
    });
    const figures = await this.figuresOf(rows);
    return rows.slice(0, most).map((row, i) => view(row, figures[i]!, figures[i + 1]));
  }

  /** One revision with all its choices. */
  async one(buildId: string, revision: number): Promise<RevisionDetail> {
    const row = await this.row(buildId, revision);
    const [build] = await this.files([row]);
    const [figures] = await this.figuresOf([row]);
    return { ...view(row, figures!), build: build! };
  }

  /** Names a revision, or takes its name away. */
  async name(buildId: string, revision: number, label: string): Promise<RevisionView> {
    const row = await this.row(buildId, revision);
    const [figures] = await this.figuresOf([row]);
    return view(await this.revisions.save({ ...row, label: label.trim() }), figures!);
  }

  /** What revisions came to when they were saved; worked out where an older Baros kept no figures. */
  private async figuresOf(rows: Line[]): Promise<Figures[]> {
    const without = rows.filter(({ figures }) => !figures).map(({ id }) => id);
    const full = without.length ? await this.revisions.findBy({ id: In(without) }) : [];
    const files = await this.files(full);
    const found = new Map(full.map(({ id }, i) => [id, house.measure(files[i]!)]));
    return rows.map(({ id, figures }) => figures ?? found.get(id)!);
  }

  /** The builds of revisions as files of today. */
  private async files(rows: BuildRevision[]): Promise<BuildFile[]> {
    const files = rows.map(({ file }) => file);
    return (await this.catalogue.whole(files)).map((file) => house.upgrade(file) as BuildFile);
  }

  private async row(buildId: string, revision: number): Promise<BuildRevision> {
    const row = await this.revisions.findOneBy({ buildId, revision });
    if (!row) throw new NotFoundException(`build ${buildId} has no revision ${revision}`);
    return row;
  }
}
