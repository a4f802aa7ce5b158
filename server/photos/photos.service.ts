import { ConflictException, Injectable, NotFoundException } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import { Repository } from 'typeorm';
import { MOST_PHOTOS } from '#core/exchange';
import type { PhotoOf, PhotoView } from '#core/exchange';
import { BuildsService } from '../builds/index.js';
import { typeOfImage } from './image.js';
import { Photo } from './photo.entity.js';

const view = ({ id, compartmentId, name, type, at }: Photo): PhotoView => ({
  id,
  compartmentId,
  name,
  type,
  at: at.toISOString(),
});

/** Photographs of the present truck, beside the compartments of a build. */
@Injectable()
export class PhotosService {
  constructor(
    @InjectRepository(Photo) private readonly photos: Repository<Photo>,
    private readonly builds: BuildsService,
  ) {}

  async list(buildId: string): Promise<PhotoView[]> {
    await this.builds.one(buildId);
    return (await this.photos.find({ where: { buildId }, order: { at: 'ASC' } })).map(view);
  }

  /** @throws ConflictException where a build has as many as it may. */
  async pin(buildId: string, of: PhotoOf, image: Buffer): Promise<PhotoView> {
    await this.builds.one(buildId);
    const type = typeOfImage(image);
    if ((await this.photos.countBy({ buildId })) >= MOST_PHOTOS)
      throw new ConflictException(`a build has at most ${MOST_PHOTOS} photographs; take one off first`);
    const { id } = await this.photos.save(this.photos.create({ ...of, buildId, type, image }));
    return view(await this.photos.findOneByOrFail({ id }));
  }

  /** @throws NotFoundException where the build has no such photograph. */
  async image(buildId: string, id: string): Promise<Photo> {
    const photo = await this.photos.findOne({
      where: { id, buildId },
      select: { id: true, type: true, image: true },
    });
    if (!photo) throw new NotFoundException('there is no such photograph');
    return photo;
  }

  async takeOff(buildId: string, id: string): Promise<void> {
    const { affected } = await this.photos.delete({ id, buildId });
    if (!affected) throw new NotFoundException('there is no such photograph');
  }
}
