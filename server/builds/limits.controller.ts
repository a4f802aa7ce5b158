import { Controller, Get, Param } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { OwnLimitsOf } from '#core/exchange';
import { RecordPipe } from '../problems/index.js';
import { YardService } from './yard.service.js';

@ApiTags('limits')
@Controller('departments/:id/limits')
export class LimitsController {
  constructor(private readonly yard: YardService) {}

  /** The limits of their own that builds of a department have. */
  @Get()
  @ApiOkResponse({ type: [OwnLimitsOf] })
  list(@Param('id', RecordPipe) id: string): Promise<OwnLimitsOf[]> {
    return this.yard.limitsOf(id);
  }
}
