import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { BuildsModule } from '../builds/index.js';
import { Drill } from './drill.entity.js';
import { DrillsController } from './drills.controller.js';
import { DrillsService } from './drills.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Drill]), BuildsModule],
  controllers: [DrillsController],
  providers: [DrillsService],
})
export class DrillsModule {}
