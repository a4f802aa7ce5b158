import { Button, FileButton, Group, Modal, Text } from '@mantine/core';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Build } from '#core/build';
import type { DepartmentView } from '#core/exchange';
import { house } from '#core/subjects';
import { useImportBuild } from '../api';
import { whoAmI } from '../common';
import { jsonOf, reasons } from '../files';
import { Refusal } from './Refusal';

interface Chosen {
  file: string;
  content: Build | null;
  why: string[];
}

async function chosen(file: File): Promise<Chosen> {
  try {
    return { file: file.name, content: house.parse(await jsonOf(file)), why: [] };
  } catch (error) {
    return { file: file.name, content: null, why: reasons(error) };
  }
}

/** Reads a build file into a department, as a new build. */
export function BuildImport({ department, onClose }: { department: DepartmentView; onClose: () => void }) {
  const [read, setRead] = useState<Chosen | null>(null);
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
            if (file) void chosen(file).then(setRead);
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
