import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { BuildsModule } from '../builds/index.js';
import { DepartmentsModule } from '../departments/index.js';
import { OwnPartRow } from './own-part.entity.js';
import { PartsController } from './parts.controller.js';
import { PartsService } from './parts.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([OwnPartRow]), DepartmentsModule, BuildsModule],
  controllers: [PartsController],
  providers: [PartsService],
  exports: [PartsService],
})
export class PartsModule {}
