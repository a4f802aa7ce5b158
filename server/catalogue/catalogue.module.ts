import { Module } from '@nestjs/common';
import { CatalogueService } from './catalogue.service.js';

@Module({ providers: [CatalogueService], exports: [CatalogueService] })
export class CatalogueModule {}
