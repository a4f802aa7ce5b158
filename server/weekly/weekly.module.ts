import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { BuildsModule } from '../builds/index.js';
import { WeeklyCheck } from './weekly-check.entity.js';
import { WeeklyController } from './weekly.controller.js';
import { WeeklyService } from './weekly.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([WeeklyCheck]), BuildsModule],
  controllers: [WeeklyController],
  providers: [WeeklyService],
})
export class WeeklyModule {}
