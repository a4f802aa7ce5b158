/** A photograph needs no more, px; and so much of its detail is kept where it is made smaller. */
const MOST_PX = 1600;
const QUALITY = 0.85;

/**
 * A photograph as it is kept: no larger than a screen shows it.
 * @throws Error where the browser can't read it as a picture.
 */
export async function smaller(file: Blob): Promise<Blob> {
  const image = await createImageBitmap(file).catch(() => {
    throw new Error('This is no picture that the browser can read: a JPEG, PNG or WebP file is.');
  });
  const share = Math.min(1, MOST_PX / Math.max(image.width, image.height));
  const canvas = new OffscreenCanvas(Math.round(image.width * share), Math.round(image.height * share));
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}
