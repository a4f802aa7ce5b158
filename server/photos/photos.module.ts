import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { BuildsModule } from '../builds/index.js';
import { Photo } from './photo.entity.js';
import { PhotosController } from './photos.controller.js';
import { PhotosService } from './photos.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([Photo]), BuildsModule],
  controllers: [PhotosController],
  providers: [PhotosService],
})
export class PhotosModule {}
