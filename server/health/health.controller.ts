import { Controller, Get, HttpStatus, Res } from '@nestjs/common';
import { ApiOkResponse, ApiServiceUnavailableResponse, ApiTags } from '@nestjs/swagger';
import { InjectDataSource } from '@nestjs/typeorm';
import { SkipThrottle } from '@nestjs/throttler';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { Health } from '#core/exchange';

@ApiTags('health')
@SkipThrottle()
@Controller('health')
export class HealthController {
  constructor(@InjectDataSource() private readonly source: DataSource) {}

  /** Whether this server lives, and whether it can do its work: its database answers. */
  @Get()
  @ApiOkResponse({ type: Health })
  @ApiServiceUnavailableResponse({ type: Health, description: 'It lives, and its database does not answer.' })
  async health(@Res({ passthrough: true }) response: Response): Promise<Health> {
    const ready = await this.source.query('SELECT 1').then(
      () => true,
      () => false,
    );
    if (!ready) response.status(HttpStatus.SERVICE_UNAVAILABLE);
    return { live: true, ready };
  }
}
