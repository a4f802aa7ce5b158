import { Readable } from 'node:stream';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { DepartmentView } from '#core/exchange';
import { CatalogueService } from '../catalogue/index.js';
import { DepartmentsService } from '../departments/index.js';
import { PartsService } from '../parts/index.js';
import { WorkQueue, WorkService } from '../work/index.js';
import { ArchiveReader } from './archive-reader.js';
import { ArchiveWriter } from './archive-writer.js';
import { Lines } from './lines.js';

/** Everything of a department as lines, out and in again. */
@Injectable()
export class ArchiveService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly departments: DepartmentsService,
    private readonly parts: PartsService,
    private readonly work: WorkService,
    private readonly queue: WorkQueue,
  ) {}

  /** The department with its own parts and every revision of its builds, as one state of the database. */
  async write(departmentId: string): Promise<{ name: string; lines: Readable }> {
    const department = await this.departments.whole(departmentId);
    const runner = this.source.createQueryRunner();
    await runner.startTransaction('REPEATABLE READ');
    const writer = new ArchiveWriter(runner.manager, this.catalogue);
    async function* lines() {
      try {
        yield* writer.write(department);
        await runner.commitTransaction();
      } finally {
        if (runner.isTransactionActive) await runner.rollbackTransaction();
        await runner.release();
      }
    }
    return { name: department.name, lines: Readable.from(lines()) };
  }

  /**
   * A new department out of an archive, one archive after the other: all of it or nothing.
   * @throws BadInput naming the line and the field that is wrong.
   */
  async read(stream: AsyncIterable<Buffer>, signal: AbortSignal): Promise<DepartmentView> {
    const lines = new Lines(stream);
    try {
      return await this.queue.run(
        'archives',
        async () => {
          const id = await this.source.transaction((manager) =>
            new ArchiveReader(manager, this.catalogue, this.parts, this.work).read(lines),
          );
          return this.departments.one(id);
        },
        signal,
      );
    } catch (error) {
      if (!signal.aborted) await lines.drain();
      throw error;
    }
  }
}
