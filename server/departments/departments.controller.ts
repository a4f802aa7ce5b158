import { Body, Controller, Get, Param, Patch, Post } from '@nestjs/common';
import { ApiCreatedResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { DepartmentChange, DepartmentView, NewDepartment } from '#core/exchange';
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

  @Patch(':id')
  @ApiOkResponse({ type: DepartmentView })
  change(@Param('id', RecordPipe) id: string, @Body() change: DepartmentChange): Promise<DepartmentView> {
    return this.departments.change(id, change);
  }
}
