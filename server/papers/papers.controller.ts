import { Controller, Get, Header, Param, ParseUUIDPipe, Query, StreamableFile } from '@nestjs/common';
import { ApiOkResponse, ApiProduces, ApiQuery, ApiTags } from '@nestjs/swagger';
import { judge, PaperQuery } from '#core/spec';
import { UNIT_SYSTEMS } from '#core/units';
import { PapersService } from './papers.service.js';

@ApiTags('papers')
@Controller('builds/:id/papers')
export class PapersController {
  constructor(private readonly papers: PapersService) {}

  @Get('weights')
  @Header('Cache-Control', 'no-store')
  @ApiQuery({ name: 'units', enum: UNIT_SYSTEMS, required: false })
  @ApiQuery({ name: 'revision', type: Number, required: false })
  @ApiProduces('application/pdf')
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async weights(@Param('id', ParseUUIDPipe) id: string, @Query() query: object): Promise<StreamableFile> {
    const { name, pdf } = await this.papers.weights(id, judge(PaperQuery, { ...query }));
    return new StreamableFile(pdf, { type: 'application/pdf', disposition: `inline; filename="${name}"`, length: pdf.length });
  }
}
