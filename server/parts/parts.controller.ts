import { Body, Controller, Delete, Get, Param, Put } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { OwnParts, OwnPartsKept, OwnPartView } from '#core/exchange';
import { IdPipe, RecordPipe } from '../problems/index.js';
import { PartsService } from './parts.service.js';

@ApiTags('own parts')
@Controller('departments/:id/parts')
export class PartsController {
  constructor(private readonly parts: PartsService) {}

  @Get()
  @ApiOkResponse({ type: [OwnPartView] })
  list(@Param('id', RecordPipe) id: string): Promise<OwnPartView[]> {
    return this.parts.list(id);
  }

  @Put()
  @ApiOkResponse({ type: OwnPartsKept })
  keep(@Param('id', RecordPipe) id: string, @Body() { parts }: OwnParts): Promise<OwnPartsKept> {
    return this.parts.keep(id, parts);
  }

  @Delete(':kind/:partId')
  @ApiOkResponse({ type: OwnPartsKept })
  remove(
    @Param('id', RecordPipe) id: string,
    @Param('kind', IdPipe) kind: string,
    @Param('partId', IdPipe) partId: string,
  ): Promise<OwnPartsKept> {
    return this.parts.remove(id, kind, partId);
  }
}
