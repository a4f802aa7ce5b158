import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { CatalogueModule } from '../catalogue/index.js';
import { DepartmentsModule } from '../departments/index.js';
import { Build, BuildRevision } from './build.entity.js';
import { BuildsController } from './builds.controller.js';
import { HistoryController } from './history.controller.js';
import { HistoryService } from './history.service.js';
import { LimitsController } from './limits.controller.js';
import { YardService } from './yard.service.js';
import { BuildsService } from './builds.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Build, BuildRevision]), CatalogueModule, DepartmentsModule],
  controllers: [BuildsController, HistoryController, LimitsController],
  providers: [BuildsService, HistoryService, YardService],
  exports: [BuildsService, HistoryService],
})
export class BuildsModule {}
