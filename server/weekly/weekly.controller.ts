import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { NewWeeklyCheck, WeeklyCheckView } from '#core/exchange';
import { RecordPipe } from '../problems/index.js';
import { WeeklyService } from './weekly.service.js';

@ApiTags('weekly checks')
@Controller('builds/:id/weekly-checks')
export class WeeklyController {
  constructor(private readonly checks: WeeklyService) {}

  @Get()
  @ApiOkResponse({ type: [WeeklyCheckView] })
  list(@Param('id', RecordPipe) id: string): Promise<WeeklyCheckView[]> {
    return this.checks.list(id);
  }

  @Post()
  @ApiCreatedResponse({ type: WeeklyCheckView })
  keep(@Param('id', RecordPipe) id: string, @Body() check: NewWeeklyCheck): Promise<WeeklyCheckView> {
    return this.checks.keep(id, check);
  }
}
