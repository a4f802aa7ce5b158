import { Body, Controller, Get, Param, ParseUUIDPipe, Patch } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { RevisionDetail, RevisionLabel, RevisionView } from '#core/exchange';
import { RevisionPipe } from '../problems/index.js';
import { HistoryService } from './history.service.js';

@ApiTags('history')
@Controller('builds/:id/revisions')
export class HistoryController {
  constructor(private readonly history: HistoryService) {}

  @Get()
  @ApiOkResponse({ type: [RevisionView] })
  list(@Param('id', ParseUUIDPipe) id: string): Promise<RevisionView[]> {
    return this.history.list(id);
  }

  @Get(':revision')
  @ApiOkResponse({ type: RevisionDetail })
  one(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('revision', RevisionPipe) revision: number,
  ): Promise<RevisionDetail> {
    return this.history.one(id, revision);
  }

  @Patch(':revision')
  @ApiOkResponse({ type: RevisionView })
  name(
    @Param('id', ParseUUIDPipe) id: string,
    @Param('revision', RevisionPipe) revision: number,
    @Body() { label }: RevisionLabel,
  ): Promise<RevisionView> {
    return this.history.name(id, revision, label);
  }
}
