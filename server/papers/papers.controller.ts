import { Controller, Get, Header, Param, ParseUUIDPipe, Query, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiParam, ApiProduces, ApiQuery, ApiTags } from '@nestjs/swagger';
import { PaperQuery } from '#core/exchange';
import { judge } from '#core/build';
import { PAPERS } from '#core/papers';
import { UNIT_SYSTEMS } from '#core/units';
import { PapersService } from './papers.service.js';

@ApiTags('papers')
@Controller('builds/:id/papers')
export class PapersController {
  constructor(private readonly papers: PapersService) {}

  @Get(':paper')
  @Header('Cache-Control', 'no-store')
  @ApiQuery({ name: 'units', enum: UNIT_SYSTEMS, required: false })
  @ApiQuery({ name: 'revision', type: Number, required: false })
  @ApiParam({ name: 'paper', enum: PAPERS.map((kind) => kind.id) })
  @ApiProduces('application/pdf')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async print(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('paper') paper: string,
    @Query() query: object,
  ): Promise<StreamableFile> {
    const { name, pdf } = await this.papers.print(id, paper, judge(PaperQuery, { ...query }));
    return new StreamableFile(pdf, {
      type: 'application/pdf',
      disposition: `inline; filename="${name}"`,
      length: pdf.length,
    });
  }
}
