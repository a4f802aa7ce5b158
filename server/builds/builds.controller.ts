import { Body, Controller, Get, Param, Patch, Post, Put, Query } from '@nestjs/common';
import { ApiConflictResponse, ApiCreatedResponse, ApiOkResponse, ApiQuery, ApiTags } from '@nestjs/swagger';
import { BUILD_TYPES, judge } from '#core/build';
import {
  BuildChange,
  BuildView,
  CopyBuild,
  ImportBuild,
  NewBuild,
  SaveBuild,
  YARD_ORDERS,
  YardPage,
  YardQuery,
} from '#core/exchange';
import { RecordPipe } from '../problems/index.js';
import { BuildsService } from './builds.service.js';
import { YardService } from './yard.service.js';

@ApiTags('builds')
@Controller('builds')
export class BuildsController {
  constructor(
    private readonly builds: BuildsService,
    private readonly yard: YardService,
  ) {}

  /** A page of the yard: what it shows of builds, and never their files. */
  @Get()
  @ApiQuery({ name: 'text', required: false })
  @ApiQuery({ name: 'type', enum: BUILD_TYPES, required: false })
  @ApiQuery({ name: 'departmentId', required: false })
  @ApiQuery({ name: 'archived', enum: ['true', 'false'], required: false })
  @ApiQuery({ name: 'order', enum: YARD_ORDERS, required: false })
  @ApiQuery({ name: 'from', type: Number, required: false })
  @ApiQuery({ name: 'most', type: Number, required: false })
  @ApiOkResponse({ type: YardPage })
  page(@Query() query: object): Promise<YardPage> {
    return this.yard.page(judge(YardQuery, { ...query }));
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
  one(@Param('id', RecordPipe) id: string): Promise<BuildView> {
    return this.builds.one(id);
  }

  /** Its file as it is kept, whatever becomes of it: also one that can't be shown. */
  @Get(':id/file')
  @ApiOkResponse({ schema: { type: 'object' } })
  file(@Param('id', RecordPipe) id: string): Promise<object> {
    return this.builds.file(id);
  }

  @Patch(':id')
  @ApiOkResponse({ type: BuildView })
  change(@Param('id', RecordPipe) id: string, @Body() change: BuildChange): Promise<BuildView> {
    return this.builds.change(id, change);
  }

  @Put(':id')
  @ApiOkResponse({ type: BuildView })
  @ApiConflictResponse({ description: 'A newer revision is there; nothing was saved.' })
  save(@Param('id', RecordPipe) id: string, @Body() save: SaveBuild): Promise<BuildView> {
    return this.builds.save(id, save);
  }

  @Post(':id/copies')
  @ApiCreatedResponse({ type: BuildView })
  copy(@Param('id', RecordPipe) id: string, @Body() copy: CopyBuild): Promise<BuildView> {
    return this.builds.copy(id, copy);
  }
}
