import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { isNamed, MOST_FOUND } from '#core/exchange';
import type { CarriedLine, WherePage, WhereView } from '#core/exchange';
import { Build } from '../builds/index.js';
import { CatalogueService } from '../catalogue/index.js';
import { WorkService } from '../work/index.js';

/** So many of the trucks that changed last are looked into, and remembered. */
const MOST_TRUCKS = 200;

/** Where a piece is, on whichever truck of the yard. */
@Injectable()
export class WhereaboutsService {
  /** What rides on each truck, by the revision that was looked into. */
  private readonly carried = new Map<string, CarriedLine[]>();

  constructor(
    @InjectRepository(Build) private readonly builds: Repository<Build>,
    private readonly catalogue: CatalogueService,
    private readonly work: WorkService,
  ) {}

  /** Lines of that name on all trucks that are not archived. */
  async find(text: string): Promise<WherePage> {
    const trucks = await this.builds.find({
      where: { archived: false, department: { archived: false } },
      relations: { department: true },
      select: { id: true, name: true, revision: true, savedAt: true, department: { id: true, name: true } },
      order: { savedAt: 'DESC' },
      take: MOST_TRUCKS,
    });
    const all: WhereView[] = [];
    for (const { id, name, revision, department } of trucks)
      for (const line of await this.carriedBy(id, revision))
        if (isNamed(line, text)) all.push({ ...line, buildId: id, build: name, department: department.name });
    return { total: all.length, found: all.slice(0, MOST_FOUND) };
  }

  /** What rides on a truck: worked out aside where its revision was not seen yet; nothing where it can't be read. */
  private async carriedBy(id: string, revision: number): Promise<CarriedLine[]> {
    const key = `${id} ${revision}`;
    const known = this.carried.get(key);
    if (known) return known;
    const { file } = await this.builds.findOneOrFail({ where: { id }, select: { id: true, file: true } });
    const [whole] = await this.catalogue.whole([file]);
    const lines = await this.work
      .aside({ kind: 'carried', file: whole })
      .then((done) => done as CarriedLine[])
      .catch((): CarriedLine[] => []);
    if (this.carried.size >= 2 * MOST_TRUCKS) this.carried.clear();
    this.carried.set(key, lines);
    return lines;
  }
}
