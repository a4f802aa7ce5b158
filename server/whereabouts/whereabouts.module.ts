import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { Build } from '../builds/index.js';
import { CatalogueModule } from '../catalogue/index.js';
import { WhereaboutsController } from './whereabouts.controller.js';
import { WhereaboutsService } from './whereabouts.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Build]), CatalogueModule],
  controllers: [WhereaboutsController],
  providers: [WhereaboutsService],
})
export class WhereaboutsModule {}
