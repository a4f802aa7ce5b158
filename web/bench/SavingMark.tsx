import { Button, Group, Modal, Text } from '@mantine/core';
import { IconCheck, IconCloudOff, IconDots, IconExclamationCircle } from '@tabler/icons-react';
import { useNavigate } from 'react-router';
import type { BuildSpec, BuildView } from '#core/spec';
import { useCopyBuild } from '../api';
import classes from './bench.module.css';
import type { Saving } from './saving';

const MARKS: Record<Saving['kind'], { words: string; Icon: typeof IconCheck; colour: string }> = {
  saved: { words: 'Saved', Icon: IconCheck, colour: 'var(--spruce)' },
  saving: { words: 'Saving', Icon: IconDots, colour: 'var(--pencil)' },
  offline: { words: 'Not saved: the server does not answer; trying again', Icon: IconCloudOff, colour: 'var(--brass)' },
  conflict: { words: 'Not saved: changed elsewhere', Icon: IconExclamationCircle, colour: 'var(--signal)' },
  refused: { words: 'Not saved', Icon: IconExclamationCircle, colour: 'var(--signal)' },
};

/** Whether what is on the bench is kept, in words and by shape. */
export function SavingMark({ saving }: { saving: Saving }) {
  const { words, Icon, colour } = MARKS[saving.kind];
  return (
    <span className={classes.saving} role="status" style={{ color: colour }}>
      <Icon size={16} aria-hidden="true" />{words}{saving.kind === 'refused' && `: ${saving.message}`}
    </span>
  );
}

/** What to do when a newer revision is there: take it, or keep one's own as a copy. Nothing is lost by either. */
export function ConflictDialog({ build, spec, saving, onTakeNewer }: { build: BuildView; spec: BuildSpec; saving: Saving; onTakeNewer: () => void }) {
  const copy = useCopyBuild();
  const navigate = useNavigate();
  return (
    <Modal opened={saving.kind === 'conflict'} onClose={() => {}} withCloseButton={false} title="This build was changed elsewhere" centered>
      <Text size="sm">A newer revision was saved in another window or by someone else. Your last changes are still here and were not saved over it.</Text>
      {copy.isError && <Text size="sm" c="var(--signal)" mt="xs">{copy.error.message}</Text>}
      <Group mt="md" justify="flex-end">
        <Button variant="default" onClick={onTakeNewer}>Take the newer one</Button>
        <Button
          loading={copy.isPending}
          onClick={() => copy.mutate({ id: build.id, name: `${spec.name.slice(0, 68)} (my copy)`, spec }, { onSuccess: (kept) => void navigate(`/builds/${kept.id}`) })}
        >
          Keep mine as a copy
        </Button>
      </Group>
    </Modal>
  );
}
