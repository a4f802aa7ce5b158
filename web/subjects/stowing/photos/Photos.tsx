import { Button, FileButton, Modal } from '@mantine/core';
import { useState } from 'react';
import { PHOTO_TYPES } from '#core/exchange';
import type { PhotoView } from '#core/exchange';
import { photoPath, usePhotos, usePinning } from '../../../api';
import { sayFailed } from '../../../common';
import { smaller } from './smaller';
import classes from './photos.module.css';

const MOST_NAME = 120;

/** Photographs of the present truck's compartment, pinned beside the one that takes its place. */
export function Photos({
  buildId,
  compartmentId,
  compartment,
}: {
  buildId: string;
  compartmentId: string;
  compartment: string;
}) {
  const { data = [] } = usePhotos(buildId);
  const { pin, takeOff } = usePinning(buildId);
  const [large, setLarge] = useState<PhotoView | null>(null);
  const mine = data.filter((photo) => photo.compartmentId === compartmentId);
  const add = async (file: File | null) => {
    if (!file) return;
    try {
      await pin.mutateAsync({
        image: await smaller(file),
        compartmentId,
        name: file.name.slice(0, MOST_NAME) || 'Photograph',
      });
    } catch (error) {
      sayFailed('The photograph could not be pinned')(error as Error);
    }
  };
  const off = (photo: PhotoView) =>
    takeOff.mutate(photo, {
      onError: sayFailed('The photograph could not be taken off'),
      onSuccess: () => setLarge(null),
    });
  return (
    <section className={classes.photos} aria-label={`Photographs of ${compartment}`}>
      <h3>Present truck</h3>
      {mine.map((photo) => (
        <button
          key={photo.id}
          type="button"
          className={classes.pinned}
          title={photo.name}
          onClick={() => setLarge(photo)}
        >
          <img src={photoPath(buildId, photo)} alt={photo.name} loading="lazy" />
        </button>
      ))}
      <FileButton accept={PHOTO_TYPES.join(',')} onChange={(file) => void add(file)}>
        {(props) => (
          <Button {...props} size="xs" variant="default" loading={pin.isPending}>
            Pin a photograph
          </Button>
        )}
      </FileButton>
      <Modal
        opened={large !== null}
        onClose={() => setLarge(null)}
        title={`${compartment}: ${large?.name ?? ''}`}
        size="xl"
      >
        {large && (
          <>
            <img className={classes.large} src={photoPath(buildId, large)} alt={large.name} />
            <Button size="xs" variant="default" mt={8} loading={takeOff.isPending} onClick={() => off(large)}>
              Take it off
            </Button>
          </>
        )}
      </Modal>
    </section>
  );
}
