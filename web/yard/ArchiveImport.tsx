import { Button, FileButton, Group, Modal, Progress, Text } from '@mantine/core';
import { useState } from 'react';
import { readJson } from '#core/build';
import { archiveHead } from '#core/exchange';
import type { ArchiveHead, DepartmentView } from '#core/exchange';
import { counted, formatWhole } from '#core/units';
import { Refused, upload, useImportArchive } from '../api';
import type { Uploading } from '../api';
import { reasons } from '../files';
import { Refusal } from './Refusal';

const LINES = 'application/x-ndjson';
/** A head is no longer than this. */
const HEAD_BYTES = 4000;

interface Chosen {
  file: File;
  /** None where it may be an archive of an older Baros. */
  head: ArchiveHead | null;
  why: string[];
}

/** What an archive says of itself, on its first line. */
async function chosen(file: File): Promise<Chosen> {
  const [first = ''] = (await file.slice(0, HEAD_BYTES).text()).split('\n');
  let line: unknown;
  try {
    line = readJson(first);
  } catch {
    return { file, head: null, why: [] };
  }
  try {
    return { file, head: archiveHead(line), why: [] };
  } catch (error) {
    return { file, head: null, why: reasons(error) };
  }
}

const said = ({ file, head }: Chosen): string => {
  if (!head) return `${file.name}, ${formatWhole(file.size / 1000)} KB, of an older Baros.`;
  const { builds, revisions, ownParts } = head.holds;
  return `${file.name}: ${head.department.name}, ${counted(builds, 'build')} with ${counted(revisions, 'revision')}, ${counted(ownParts, 'own part')}.`;
};

const whyNot = (error: Error): string[] =>
  error instanceof Refused && error.problems.length
    ? error.problems.slice(0, 6).map(({ message }) => message)
    : [error.message];

/** Reads a department's archive of any size, as a new department. */
export function ArchiveImport({ onClose }: { onClose: () => void }) {
  const [read, setRead] = useState<Chosen | null>(null);
  const [sent, setSent] = useState(0);
  const [going, setGoing] = useState<Uploading<DepartmentView> | null>(null);
  const take = useImportArchive();
  const close = () => {
    going?.stop();
    onClose();
  };
  const start = (file: File) => {
    setSent(0);
    const uploading = upload<DepartmentView>('departments/archive', file, LINES, setSent);
    setGoing(uploading);
    take.mutate(uploading, { onSuccess: close, onSettled: () => setGoing(null) });
  };
  const good = read && read.why.length === 0;
  return (
    <Modal opened onClose={close} title="A department file" centered>
      <Text size="sm">
        A file that ends in .baros-department.jsonl: the department with its own parts and its builds with
        their history. It becomes a new department.
      </Text>
      <Group mt="sm">
        <FileButton
          accept=".jsonl,.json,application/x-ndjson,application/json"
          onChange={(file) => {
            take.reset();
            if (file) void chosen(file).then(setRead);
          }}
        >
          {(props) => (
            <Button variant="default" disabled={going !== null} {...props}>
              Choose a file
            </Button>
          )}
        </FileButton>
      </Group>
      {good && (
        <Text size="sm" mt="sm" role="status">
          {said(read)}
        </Text>
      )}
      {read && !good && <Refusal file={read.file.name} why={read.why} />}
      {take.isError && <Refusal file={read?.file.name ?? 'The file'} why={whyNot(take.error)} />}
      {going && (
        <Progress
          mt="md"
          value={sent * 100}
          aria-label={`Read in, percent: ${Math.round(sent * 100)}`}
          color="var(--spruce)"
        />
      )}
      <Group mt="md" justify="flex-end">
        <Button variant="default" onClick={going ? () => going.stop() : close}>
          {going ? 'Stop' : 'Cancel'}
        </Button>
        <Button disabled={!good} loading={take.isPending} onClick={() => read && start(read.file)}>
          Read it in
        </Button>
      </Group>
    </Modal>
  );
}
