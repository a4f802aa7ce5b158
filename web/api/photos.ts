import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { PhotoView } from '#core/exchange';
import { ask } from './client';
import { askOrKept } from './kept-answers';
import { upload } from './upload';

const keyOf = (buildId: string) => ['photos', buildId];

/** Where a browser finds the picture itself. */
export const photoPath = (buildId: string, { id }: Pick<PhotoView, 'id'>): string =>
  `/api/builds/${buildId}/photos/${id}`;

/** Photographs of the present truck beside a build's compartments. */
export const usePhotos = (buildId: string) =>
  useQuery({
    queryKey: keyOf(buildId),
    queryFn: () => askOrKept<PhotoView[]>(`builds/${buildId}/photos`),
    networkMode: 'always',
  });

/** Pins a photograph beside a compartment, and takes one off. */
export function usePinning(buildId: string) {
  const client = useQueryClient();
  const onSettled = () => client.invalidateQueries({ queryKey: keyOf(buildId) });
  const pin = useMutation({
    mutationFn: ({ image, ...of }: { image: Blob; compartmentId: string; name: string }) =>
      upload<PhotoView>(`builds/${buildId}/photos?${new URLSearchParams(of)}`, image, image.type, () => {})
        .done,
    networkMode: 'always',
    onSettled,
  });
  const takeOff = useMutation({
    mutationFn: ({ id }: Pick<PhotoView, 'id'>) => ask('DELETE', `builds/${buildId}/photos/${id}`),
    networkMode: 'always',
    onSettled,
  });
  return { pin, takeOff };
}
