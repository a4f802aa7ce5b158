import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DrillView, NewDrill } from '#core/exchange';
import { RecordPipe } from '../problems/index.js';
import { DrillsService } from './drills.service.js';

@ApiTags('drills')
@Controller('builds/:id/drills')
export class DrillsController {
  constructor(private readonly drills: DrillsService) {}

  @Get()
  @ApiOkResponse({ type: [DrillView] })
  list(@Param('id', RecordPipe) id: string): Promise<DrillView[]> {
    return this.drills.list(id);
  }

  @Post()
  @ApiCreatedResponse({ type: DrillView })
  keep(@Param('id', RecordPipe) id: string, @Body() drill: NewDrill): Promise<DrillView> {
    return this.drills.keep(id, drill);
  }
}
