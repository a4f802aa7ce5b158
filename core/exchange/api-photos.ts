import 'reflect-metadata';
import { IsIn, IsString, IsUUID, Matches } from 'class-validator';
import { ID, isId, Letters } from '../build/index.js';
import { Moment } from './moments.js';

/** Pictures that a browser shows. */
export const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;
export type PhotoType = (typeof PHOTO_TYPES)[number];
/** A photograph is no larger than this, bytes; and a build has no more of them. */
export const MOST_PHOTO_BYTES = 3_000_000;
export const MOST_PHOTOS = 60;

/** Of which compartment a photograph is, and what it is called. */
export class PhotoOf {
  @Matches(ID, isId)
  compartmentId!: string;

  @IsString()
  @Letters(1, 120)
  name!: string;
}

/** A photograph without its picture. */
export class PhotoView extends PhotoOf {
  @IsUUID()
  id!: string;

  @IsIn(PHOTO_TYPES)
  type!: PhotoType;

  @Moment()
  at!: string;
}
