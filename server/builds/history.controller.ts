import { Body, Controller, Get, Param, Patch, Query } from '@nestjs/common';
import { ApiOkResponse, ApiQuery, ApiTags } from '@nestjs/swagger';
import { judge } from '#core/build';
import { HistoryQuery, RevisionDetail, RevisionLabel, RevisionView } from '#core/exchange';
import { RecordPipe, RevisionPipe } from '../problems/index.js';
import { HistoryService } from './history.service.js';

@ApiTags('history')
@Controller('builds/:id/revisions')
export class HistoryController {
  constructor(private readonly history: HistoryService) {}

  @Get()
  @ApiOkResponse({ type: [RevisionView] })
  @ApiQuery({ name: 'before', type: Number, required: false })
  @ApiQuery({ name: 'most', type: Number, required: false })
  page(@Param('id', RecordPipe) id: string, @Query() query: object): Promise<RevisionView[]> {
    return this.history.page(id, judge(HistoryQuery, { ...query }));
  }

  @Get(':revision')
  @ApiOkResponse({ type: RevisionDetail })
  one(
    @Param('id', RecordPipe) id: string,
    @Param('revision', RevisionPipe) revision: number,
  ): Promise<RevisionDetail> {
    return this.history.one(id, revision);
  }

  @Patch(':revision')
  @ApiOkResponse({ type: RevisionView })
  name(
    @Param('id', RecordPipe) id: string,
    @Param('revision', RevisionPipe) revision: number,
    @Body() { label }: RevisionLabel,
  ): Promise<RevisionView> {
    return this.history.name(id, revision, label);
  }
}
