import { Body, Controller, Get, Param, Patch, Post, Put } from '@nestjs/common';
import { ApiConflictResponse, ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { BriefChange, BriefView, DepartmentChange, DepartmentView, NewDepartment } from '#core/exchange';
import { RecordPipe } from '../problems/index.js';
import { DepartmentsService } from './departments.service.js';

@ApiTags('departments')
@Controller('departments')
export class DepartmentsController {
  constructor(private readonly departments: DepartmentsService) {}

  @Get()
  @ApiOkResponse({ type: [DepartmentView] })
  list(): Promise<DepartmentView[]> {
    return this.departments.list();
  }

  @Post()
  @ApiCreatedResponse({ type: DepartmentView })
  create(@Body() department: NewDepartment): Promise<DepartmentView> {
    return this.departments.create(department);
  }

  @Get(':id/brief')
  @ApiOkResponse({ type: BriefView })
  brief(@Param('id', RecordPipe) id: string): Promise<BriefView> {
    return this.departments.brief(id);
  }

  @Put(':id/brief')
  @ApiOkResponse({ type: BriefView })
  @ApiConflictResponse({ description: 'A newer revision is there; nothing was saved.' })
  keepBrief(@Param('id', RecordPipe) id: string, @Body() change: BriefChange): Promise<BriefView> {
    return this.departments.keepBrief(id, change);
  }

  @Patch(':id')
  @ApiOkResponse({ type: DepartmentView })
  change(@Param('id', RecordPipe) id: string, @Body() change: DepartmentChange): Promise<DepartmentView> {
    return this.departments.change(id, change);
  }
}
