import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { Button, Group, Modal, NativeSelect, Radio, Select, Stack, Textarea, TextInput } from '@mantine/core';
import { useDebouncedValue } from '@mantine/hooks';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { capital } from '#core/units';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { BUILD_TYPES } from '#core/build';
import { DISTRICT_KINDS, DISTRICT_NAMES } from '#core/demonstration';
import { BuildChange, NewBuild, NewDepartment } from '#core/exchange';
import type { BuildCard, BuildView, DepartmentView } from '#core/exchange';
import {
  useBuildChange,
  useCopyBuild,
  useDepartmentChange,
  useNewBuild,
  useNewDepartment,
  useYard,
} from '../api';
import { whoAmI } from '../common';
import { TYPE_WORDS } from './words';

interface FormProps<T extends FieldValues> {
  title: string;
  done: string;
  form: UseFormReturn<T>;
  failure: Error | null;
  busy: boolean;
  onSubmit: (values: T) => void;
  onClose: () => void;
  children: ReactNode;
}

/** A field's message, as a sentence. */
const sentence = (message: string | undefined) => message && capital(message);

/** A dialog around a form judged by the core's own rules. */
function FormDialog<T extends FieldValues>({
  title,
  done,
  form,
  failure,
  busy,
  onSubmit,
  onClose,
  children,
}: FormProps<T>) {
  return (
    <Modal opened onClose={onClose} title={title} centered>
      <form noValidate onSubmit={(event) => void form.handleSubmit(onSubmit)(event)}>
        <Stack gap="sm">
          {children}
          {failure && (
            <p role="alert" style={{ color: 'var(--signal)', margin: 0 }}>
              {failure.message}
            </p>
          )}
          <Group justify="flex-end">
            <Button variant="default" onClick={onClose}>
              Cancel
            </Button>
            <Button type="submit" loading={busy}>
              {done}
            </Button>
          </Group>
        </Stack>
      </form>
    </Modal>
  );
}

/** A new department, or another name and description for one. */
export function DepartmentDialog({
  department,
  onClose,
}: {
  department?: DepartmentView;
  onClose: () => void;
}) {
  const create = useNewDepartment();
  const change = useDepartmentChange();
  const form = useForm<NewDepartment>({
    resolver: classValidatorResolver(NewDepartment),
    defaultValues: {
      name: department?.name ?? '',
      district: department?.district ?? '',
      kind: department?.kind ?? 'rural',
    },
  });
  const { errors } = form.formState;
  const submit = ({ name, district, kind }: NewDepartment) => {
    const kept = { name: name.trim(), district: district.trim(), kind };
    if (department) change.mutate({ id: department.id, ...kept }, { onSuccess: onClose });
    else create.mutate(kept, { onSuccess: onClose });
  };
  return (
    <FormDialog
      title={department ? 'Department' : 'New department'}
      done={department ? 'Save' : 'Create'}
      form={form}
      failure={create.error ?? change.error}
      busy={create.isPending || change.isPending}
      onSubmit={submit}
      onClose={onClose}
    >
      <TextInput
        label="Name"
        data-autofocus
        {...form.register('name')}
        error={sentence(errors.name?.message)}
      />
      <Textarea
        label="District"
        description="What the trucks there must cope with"
        autosize
        minRows={2}
        {...form.register('district')}
        error={sentence(errors.district?.message)}
      />
      <NativeSelect
        label="Kind of district"
        description="New builds start from a whole truck for it"
        data={DISTRICT_KINDS.map((kind) => ({ value: kind, label: DISTRICT_NAMES[kind] }))}
        {...form.register('kind')}
        error={sentence(errors.kind?.message)}
      />
    </FormDialog>
  );
}

const PAUSE_MS = 200;

/** A new build, from a whole truck for the kind of district or from another build; it opens on the bench. */
export function NewBuildDialog({ department, onClose }: { department: DepartmentView; onClose: () => void }) {
  const create = useNewBuild();
  const copy = useCopyBuild();
  const navigate = useNavigate();
  const [from, setFrom] = useState<string | null>(null);
  const [typed, setSearch] = useState('');
  const [text] = useDebouncedValue(typed.split(',')[0]!.trim(), PAUSE_MS);
  const found = useYard({ order: 'name', archived: false, ...(text ? { text } : {}) });
  const builds = found.data?.pages.flatMap((page) => page.builds) ?? [];
  const form = useForm<NewBuild>({
    resolver: classValidatorResolver(NewBuild),
    defaultValues: { departmentId: department.id, name: '', type: 'pumper' },
  });
  const { errors } = form.formState;
  const open = (build: BuildView) => void navigate(`/builds/${build.id}`);
  const start = (values: NewBuild) => {
    const named = { name: values.name.trim(), who: whoAmI() };
    if (from) copy.mutate({ id: from, departmentId: department.id, ...named }, { onSuccess: open });
    else create.mutate({ ...values, ...named }, { onSuccess: open });
  };
  return (
    <FormDialog
      title={`New build for ${department.name}`}
      done="Start"
      form={form}
      failure={create.error ?? copy.error}
      busy={create.isPending || copy.isPending}
      onClose={onClose}
      onSubmit={start}
    >
      <TextInput
        label="Name"
        data-autofocus
        {...form.register('name')}
        error={sentence(errors.name?.message)}
      />
      <Select
        label="Starts from"
        placeholder={`A whole truck for: ${DISTRICT_NAMES[department.kind].toLowerCase()}`}
        description="Or another build, by its name or its department’s"
        searchable
        clearable
        clearButtonProps={{ 'aria-label': 'Start from a whole truck' }}
        nothingFoundMessage="No such build"
        value={from}
        onChange={setFrom}
        onSearchChange={setSearch}
        filter={({ options }) => options}
        data={builds.map(({ id, name, department: of }) => ({ value: id, label: `${name}, ${of}` }))}
      />
      {!from && (
        <Radio.Group
          label="Type"
          description="Everything it starts with is marked as assumed until somebody confirms it"
          value={form.watch('type')}
          onChange={(type) => form.setValue('type', type as NewBuild['type'])}
        >
          <Stack gap={8} mt={4}>
            {BUILD_TYPES.map((type) => (
              <Radio
                key={type}
                value={type}
                label={TYPE_WORDS[type].name}
                description={TYPE_WORDS[type].words}
              />
            ))}
          </Stack>
        </Radio.Group>
      )}
    </FormDialog>
  );
}

/** Another name for a build. */
export function RenameDialog({ card, onClose }: { card: BuildCard; onClose: () => void }) {
  const change = useBuildChange();
  const form = useForm<BuildChange>({
    resolver: classValidatorResolver(BuildChange),
    defaultValues: { name: card.name },
  });
  return (
    <FormDialog
      title={`Rename ${card.name}`}
      done="Rename"
      form={form}
      failure={change.error}
      busy={change.isPending}
      onClose={onClose}
      onSubmit={({ name = '' }) => change.mutate({ id: card.id, name: name.trim() }, { onSuccess: onClose })}
    >
      <TextInput
        label="Name"
        data-autofocus
        {...form.register('name')}
        error={sentence(form.formState.errors.name?.message)}
      />
    </FormDialog>
  );
}
