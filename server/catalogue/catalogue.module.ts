import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { CataloguePart } from './catalogue-part.entity.js';
import { CatalogueService } from './catalogue.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([CataloguePart])],
  providers: [CatalogueService],
  exports: [CatalogueService],
})
export class CatalogueModule {}
