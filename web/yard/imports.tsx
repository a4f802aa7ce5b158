import { Button, FileButton, Group, Modal, Text } from '@mantine/core';
import { IconFileImport } from '@tabler/icons-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Build } from '#core/build';
import { parseArchive } from '#core/exchange';
import type { DepartmentArchive, DepartmentView } from '#core/exchange';
import { house } from '#core/subjects';
import { ask, useImportArchive, useImportBuild } from '../api';
import { whoAmI } from '../common';
import { download, fileName, jsonOf, reasons } from '../files';

/** Hands out everything of a department as one file. */
export async function saveArchive(id: string, name: string): Promise<void> {
  const archive = await ask<DepartmentArchive>('GET', `departments/${id}/archive`);
  download(
    `${fileName(name)}.baros-department.json`,
    `${JSON.stringify(archive, null, 1)}\n`,
    'application/json',
  );
}

/** Why a file was refused, and that nothing was changed by it. */
const Refusal = ({ file, why }: { file: string; why: string[] }) => (
  <div role="alert" style={{ color: 'var(--signal)', fontSize: 14, marginTop: 10 }}>
    <p style={{ margin: 0 }}>{file} was refused; nothing was changed.</p>
    <ul style={{ margin: '4px 0 0', paddingLeft: 18 }}>
      {why.map((reason) => (
        <li key={reason}>{reason}</li>
      ))}
    </ul>
  </div>
);

interface Chosen<T> {
  file: string;
  content: T | null;
  why: string[];
}

async function chosen<T>(file: File, parse: (input: unknown) => T): Promise<Chosen<T>> {
  try {
    return { file: file.name, content: parse(await jsonOf(file)), why: [] };
  } catch (error) {
    return { file: file.name, content: null, why: reasons(error) };
  }
}

/** Reads a build file into a department, as a new build. */
export function BuildImport({ department, onClose }: { department: DepartmentView; onClose: () => void }) {
  const [read, setRead] = useState<Chosen<Build> | null>(null);
  const take = useImportBuild();
  const navigate = useNavigate();
  return (
    <Modal opened onClose={onClose} title={`A build file for ${department.name}`} centered>
      <Text size="sm">
        A file that ends in .baros.json. It becomes a new build; own parts in it come along.
      </Text>
      <Group mt="sm">
        <FileButton
          accept=".json,application/json"
          onChange={(file) => {
            if (file) void chosen(file, (input) => house.parse(input)).then(setRead);
          }}
        >
          {(props) => (
            <Button variant="default" {...props}>
              Choose a file
            </Button>
          )}
        </FileButton>
      </Group>
      {read?.content && (
        <Text size="sm" mt="sm" role="status">
          {read.file}: {read.content.name}, of {read.content.department.name}.
        </Text>
      )}
      {read && !read.content && <Refusal file={read.file} why={read.why} />}
      {take.isError && <Refusal file={read?.file ?? 'The file'} why={[take.error.message]} />}
      <Group mt="md" justify="flex-end">
        <Button variant="default" onClick={onClose}>
          Cancel
        </Button>
        <Button
          disabled={!read?.content}
          loading={take.isPending}
          onClick={() =>
            read?.content &&
            take.mutate(
              { departmentId: department.id, build: read.content, who: whoAmI() },
              { onSuccess: (build) => void navigate(`/builds/${build.id}`) },
            )
          }
        >
          Read it in
        </Button>
      </Group>
    </Modal>
  );
}

/** Reads a department's archive, as a new department. */
export function ArchiveImport() {
  const [open, setOpen] = useState(false);
  const [read, setRead] = useState<Chosen<DepartmentArchive> | null>(null);
  const take = useImportArchive();
  const close = () => {
    setOpen(false);
    setRead(null);
    take.reset();
  };
  return (
    <>
      <Button variant="default" leftSection={<IconFileImport size={16} />} onClick={() => setOpen(true)}>
        Read an archive
      </Button>
      <Modal opened={open} onClose={close} title="A department’s archive" centered>
        <Text size="sm">
          A file that ends in .baros-department.json: the department with its own parts and its builds with
          their history. It becomes a new department.
        </Text>
        <Group mt="sm">
          <FileButton
            accept=".json,application/json"
            onChange={(file) => {
              if (file) void chosen(file, parseArchive).then(setRead);
            }}
          >
            {(props) => (
              <Button variant="default" {...props}>
                Choose a file
              </Button>
            )}
          </FileButton>
        </Group>
        {read?.content && (
          <Text size="sm" mt="sm" role="status">
            {read.file}: {read.content.department.name}, {read.content.builds.length} builds,{' '}
            {read.content.parts.length} own parts.
          </Text>
        )}
        {read && !read.content && <Refusal file={read.file} why={read.why} />}
        {take.isError && <Refusal file={read?.file ?? 'The file'} why={[take.error.message]} />}
        <Group mt="md" justify="flex-end">
          <Button variant="default" onClick={close}>
            Cancel
          </Button>
          <Button
            disabled={!read?.content}
            loading={take.isPending}
            onClick={() => read?.content && take.mutate(read.content, { onSuccess: close })}
          >
            Read it in
          </Button>
        </Group>
      </Modal>
    </>
  );
}
