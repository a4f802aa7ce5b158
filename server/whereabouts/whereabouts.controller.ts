import { Controller, Get, Query } from '@nestjs/common';
import { ApiOkResponse, ApiQuery, ApiTags } from '@nestjs/swagger';
import { judge } from '#core/build';
import { WherePage, WhereQuery } from '#core/exchange';
import { WhereaboutsService } from './whereabouts.service.js';

@ApiTags('whereabouts')
@Controller('whereabouts')
export class WhereaboutsController {
  constructor(private readonly whereabouts: WhereaboutsService) {}

  @Get()
  @ApiQuery({ name: 'text' })
  @ApiOkResponse({ type: WherePage })
  find(@Query() query: object): Promise<WherePage> {
    return this.whereabouts.find(judge(WhereQuery, { ...query }).text.trim());
  }
}
