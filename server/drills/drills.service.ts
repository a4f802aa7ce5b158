import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { DrillView, NewDrill } from '#core/exchange';
import { BuildsService } from '../builds/index.js';
import { Drill } from './drill.entity.js';

/** Drills that a log shows, the newest first. */
const MOST_SHOWN = 200;

const view = ({ buildId: _build, at, ...rest }: Omit<Drill, 'build'>): DrillView => ({
  ...rest,
  at: at.toISOString(),
});

/** Who drilled on a build, and what went wrong. */
@Injectable()
export class DrillsService {
  constructor(
    @InjectRepository(Drill) private readonly drills: Repository<Drill>,
    private readonly builds: BuildsService,
  ) {}

  /** The newest drills on a build. */
  async list(buildId: string): Promise<DrillView[]> {
    await this.builds.one(buildId);
    const rows = await this.drills.find({ where: { buildId }, order: { at: 'DESC' }, take: MOST_SHOWN });
    return rows.map(view);
  }

  /** Keeps a drill in the log. */
  async keep(buildId: string, drill: NewDrill): Promise<DrillView> {
    await this.builds.one(buildId);
    const { id } = await this.drills.save(this.drills.create({ ...drill, buildId }));
    return view(await this.drills.findOneByOrFail({ id }));
  }
}
