import { ConflictException, Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import type { NewWeeklyCheck, WeeklyCheckView } from '#core/exchange';
import { BuildsService } from '../builds/index.js';
import { WeeklyCheck } from './weekly-check.entity.js';

/** Checks that are shown, the newest first: a year of them. */
const MOST_SHOWN = 60;

const view = ({ buildId: _build, at, keptAt, ...rest }: Omit<WeeklyCheck, 'build'>): WeeklyCheckView => ({
  ...rest,
  at: at.toISOString(),
  keptAt: keptAt.toISOString(),
});

/** What was found on a truck week by week. */
@Injectable()
export class WeeklyService {
  constructor(
    @InjectRepository(WeeklyCheck) private readonly checks: Repository<WeeklyCheck>,
    private readonly builds: BuildsService,
  ) {}

  /** The newest checks of a truck. */
  async list(buildId: string): Promise<WeeklyCheckView[]> {
    await this.builds.one(buildId);
    const rows = await this.checks.find({ where: { buildId }, order: { at: 'DESC' }, take: MOST_SHOWN });
    return rows.map(view);
  }

  /** Keeps a check, once however often it is sent. @throws ConflictException where its id is another truck's. */
  async keep(buildId: string, { at, ...check }: NewWeeklyCheck): Promise<WeeklyCheckView> {
    await this.builds.one(buildId);
    await this.checks
      .createQueryBuilder()
      .insert()
      .values({ ...check, buildId, at: new Date(at) })
      .orIgnore()
      .execute();
    const kept = await this.checks.findOneByOrFail({ id: check.id });
    if (kept.buildId !== buildId)
      throw new ConflictException('id: this check is of another truck; give it an id of its own');
    return view(kept);
  }
}
