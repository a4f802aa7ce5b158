import { Body, Controller, Get, Param, ParseUUIDPipe, Patch, Post, Put } from '@nestjs/common';
import { ApiConflictResponse, ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { BuildChange, BuildView, CopyBuild, ImportBuild, NewBuild, SaveBuild } from '#core/exchange';
import { BuildsService } from './builds.service.js';

@ApiTags('builds')
@Controller('builds')
export class BuildsController {
  constructor(private readonly builds: BuildsService) {}

  @Get()
  @ApiOkResponse({ type: [BuildView] })
  list(): Promise<BuildView[]> {
    return this.builds.list();
  }

  @Post()
  @ApiCreatedResponse({ type: BuildView })
  create(@Body() build: NewBuild): Promise<BuildView> {
    return this.builds.create(build);
  }

  @Post('import')
  @ApiCreatedResponse({ type: BuildView })
  import(@Body() build: ImportBuild): Promise<BuildView> {
    return this.builds.import(build);
  }

  @Get(':id')
  @ApiOkResponse({ type: BuildView })
  one(@Param('id', ParseUUIDPipe) id: string): Promise<BuildView> {
    return this.builds.one(id);
  }

  @Patch(':id')
  @ApiOkResponse({ type: BuildView })
  change(@Param('id', ParseUUIDPipe) id: string, @Body() change: BuildChange): Promise<BuildView> {
    return this.builds.change(id, change);
  }

  @Put(':id')
  @ApiOkResponse({ type: BuildView })
  @ApiConflictResponse({ description: 'A newer revision is there; nothing was saved.' })
  save(@Param('id', ParseUUIDPipe) id: string, @Body() save: SaveBuild): Promise<BuildView> {
    return this.builds.save(id, save);
  }

  @Post(':id/copies')
  @ApiCreatedResponse({ type: BuildView })
  copy(@Param('id', ParseUUIDPipe) id: string, @Body() copy: CopyBuild): Promise<BuildView> {
    return this.builds.copy(id, copy);
  }
}
