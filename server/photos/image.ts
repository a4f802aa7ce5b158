import type { IncomingMessage } from 'node:http';
import { PayloadTooLargeException, UnsupportedMediaTypeException } from '@nestjs/common';
import { MOST_PHOTO_BYTES } from '#core/exchange';
import type { PhotoType } from '#core/exchange';

/** How the files of pictures begin. */
const BEGINNINGS: readonly { type: PhotoType; at: number; bytes: string }[] = [
  { type: 'image/jpeg', at: 0, bytes: '\xff\xd8\xff' },
  { type: 'image/png', at: 0, bytes: '\x89PNG\r\n\x1a\n' },
  { type: 'image/webp', at: 8, bytes: 'WEBP' },
];

/**
 * What a picture is by its own bytes, whatever its sender calls it.
 * @throws UnsupportedMediaTypeException where it is none that browsers show.
 */
export function typeOfImage(image: Buffer): PhotoType {
  const found = BEGINNINGS.find(
    ({ at, bytes }) => image.subarray(at, at + bytes.length).toString('latin1') === bytes,
  );
  if (!found) throw new UnsupportedMediaTypeException('image: a picture is a JPEG, PNG or WebP file');
  return found.type;
}

/** All of a picture that is sent. @throws PayloadTooLargeException as soon as it is larger than one may be. */
export async function imageOf(request: IncomingMessage): Promise<Buffer> {
  const parts: Buffer[] = [];
  let size = 0;
  for await (const part of request as AsyncIterable<Buffer>) {
    size += part.length;
    if (size > MOST_PHOTO_BYTES)
      throw new PayloadTooLargeException(
        `image: at most ${MOST_PHOTO_BYTES / 1_000_000} MB; send it smaller`,
      );
    parts.push(part);
  }
  return Buffer.concat(parts);
}
