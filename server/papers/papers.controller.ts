import { Controller, Get, Param, Query, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiParam, ApiProduces, ApiQuery, ApiTags } from '@nestjs/swagger';
import { PaperQuery } from '#core/exchange';
import { judge } from '#core/build';
import { PAPERS } from '#core/papers';
import { UNIT_SYSTEMS } from '#core/units';
import { AskedBy } from '../gate/index.js';
import type { Asker } from '../gate/index.js';
import { IdPipe, RecordPipe } from '../problems/index.js';
import { PapersService } from './papers.service.js';

@ApiTags('papers')
@Controller('builds/:id/papers')
export class PapersController {
  constructor(private readonly papers: PapersService) {}

  @Get(':paper')
  @ApiQuery({ name: 'units', enum: UNIT_SYSTEMS, required: false })
  @ApiQuery({ name: 'revision', type: Number, required: false })
  @ApiParam({ name: 'paper', enum: PAPERS.map((kind) => kind.id) })
  @ApiProduces('application/pdf')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async print(
    @Param('id', RecordPipe) id: string,
    @Param('paper', IdPipe) paper: string,
    @Query() query: object,
    @AskedBy() asker: Asker,
  ): Promise<StreamableFile> {
    const { name, pdf } = await this.papers.print(id, paper, judge(PaperQuery, { ...query }), asker);
    return new StreamableFile(pdf, {
      type: 'application/pdf',
      disposition: `inline; filename="${name}"`,
      length: pdf.length,
    });
  }
}
