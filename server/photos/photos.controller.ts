import { Controller, Delete, Get, HttpCode, Param, Post, Query, Req, StreamableFile } from '@nestjs/common';
import {
  ApiBody,
  ApiConsumes,
  ApiCreatedResponse,
  ApiNoContentResponse,
  ApiOkResponse,
  ApiProduces,
  ApiQuery,
  ApiTags,
} from '@nestjs/swagger';
import type { Request } from 'express';
import { judge } from '#core/build';
import { PHOTO_TYPES, PhotoOf, PhotoView } from '#core/exchange';
import { RecordPipe } from '../problems/index.js';
import { imageOf } from './image.js';
import { PhotosService } from './photos.service.js';

const NO_CONTENT = 204;

@ApiTags('photographs')
@Controller('builds/:id/photos')
export class PhotosController {
  constructor(private readonly photos: PhotosService) {}

  @Get()
  @ApiOkResponse({ type: [PhotoView] })
  list(@Param('id', RecordPipe) id: string): Promise<PhotoView[]> {
    return this.photos.list(id);
  }

  @Post()
  @ApiQuery({ name: 'compartmentId' })
  @ApiQuery({ name: 'name' })
  @ApiConsumes(...PHOTO_TYPES)
  @ApiBody({ schema: { type: 'string', format: 'binary' } })
  @ApiCreatedResponse({ type: PhotoView })
  async pin(
    @Param('id', RecordPipe) id: string,
    @Query() query: object,
    @Req() request: Request,
  ): Promise<PhotoView> {
    return this.photos.pin(id, judge(PhotoOf, { ...query }), await imageOf(request));
  }

  @Get(':photo')
  @ApiProduces(...PHOTO_TYPES)
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  async show(
    @Param('id', RecordPipe) id: string,
    @Param('photo', RecordPipe) photo: string,
  ): Promise<StreamableFile> {
    const { type, image } = await this.photos.image(id, photo);
    return new StreamableFile(image, { type, length: image.length });
  }

  @Delete(':photo')
  @HttpCode(NO_CONTENT)
  @ApiNoContentResponse()
  takeOff(@Param('id', RecordPipe) id: string, @Param('photo', RecordPipe) photo: string): Promise<void> {
    return this.photos.takeOff(id, photo);
  }
}
