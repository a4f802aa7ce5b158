import { Module } from '@nestjs/common';
import { CatalogueModule } from '../catalogue/index.js';
import { DepartmentsModule } from '../departments/index.js';
import { PartsModule } from '../parts/index.js';
import { ArchiveController } from './archive.controller.js';
import { ArchiveService } from './archive.service.js';

@Module({
  imports: [CatalogueModule, DepartmentsModule, PartsModule],
  controllers: [ArchiveController],
  providers: [ArchiveService],
})
export class ArchiveModule {}
