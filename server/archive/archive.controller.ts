import { Body, Controller, Get, Param, ParseUUIDPipe, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DepartmentArchive, DepartmentView } from '#core/exchange';
import { ArchiveService } from './archive.service.js';

@ApiTags('archive')
@Controller('departments')
export class ArchiveController {
  constructor(private readonly archive: ArchiveService) {}

  @Get(':id/archive')
  @ApiOkResponse({ type: DepartmentArchive })
  write(@Param('id', ParseUUIDPipe) id: string): Promise<DepartmentArchive> {
    return this.archive.write(id);
  }

  @Post('archive')
  @ApiCreatedResponse({ type: DepartmentView })
  read(@Body() archive: DepartmentArchive): Promise<DepartmentView> {
    return this.archive.read(archive);
  }
}
