import { Module } from '@nestjs/common';
import { BuildsModule } from '../builds/index.js';
import { PapersController } from './papers.controller.js';
import { PapersService } from './papers.service.js';

@Module({ imports: [BuildsModule], controllers: [PapersController], providers: [PapersService] })
export class PapersModule {}
