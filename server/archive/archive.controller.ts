import { Controller, Get, Param, Post, Req, StreamableFile } from '@nestjs/common';
import {
  ApiBody,
  ApiConsumes,
  ApiCreatedResponse,
  ApiOkResponse,
  ApiProduces,
  ApiTags,
} from '@nestjs/swagger';
import type { Request } from 'express';
import { DepartmentView } from '#core/exchange';
import { RecordPipe } from '../problems/index.js';
import { AskedBy } from '../gate/index.js';
import type { Asker } from '../gate/index.js';
import { fileName } from '../papers/index.js';
import { ArchiveService } from './archive.service.js';

const LINES = 'application/x-ndjson';

@ApiTags('archive')
@Controller('departments')
export class ArchiveController {
  constructor(private readonly archive: ArchiveService) {}

  /** Everything of a department, a line of JSON each. */
  @Get(':id/archive')
  @ApiProduces(LINES)
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async write(@Param('id', RecordPipe) id: string): Promise<StreamableFile> {
    const { name, lines } = await this.archive.write(id);
    return new StreamableFile(lines, {
      type: LINES,
      disposition: `attachment; filename="${fileName(name)}.baros-department.jsonl"`,
    });
  }

  /** An archive of any size, read as it comes. */
  @Post('archive')
  @ApiConsumes(LINES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: DepartmentView })
  read(@Req() request: Request, @AskedBy() { signal }: Asker): Promise<DepartmentView> {
    return this.archive.read(request, signal);
  }
}
