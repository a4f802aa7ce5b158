import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type {
  BuildChange,
  BuildView,
  CopyBuild,
  DepartmentArchive,
  DepartmentChange,
  DepartmentView,
  ImportBuild,
  NewBuild,
  NewDepartment,
  OwnPartView,
  OwnPartsKept,
  RevisionDetail,
  RevisionView,
} from '#core/exchange';
import type { OwnPart } from '#core/kernel';
import { askAfresh } from './afresh';
import { ask } from './client';
import { askOrKept } from './kept-answers';

const DEPARTMENTS = ['departments'];
const BUILDS = ['builds'];

/** What the yard shows is kept in this browser: with the server out of reach it is shown as it was last seen. */
export const useDepartments = () =>
  useQuery({
    queryKey: DEPARTMENTS,
    queryFn: () => askOrKept<DepartmentView[]>('departments'),
    networkMode: 'always',
  });
export const useBuilds = () =>
  useQuery({ queryKey: BUILDS, queryFn: () => askOrKept<BuildView[]>('builds'), networkMode: 'always' });

/** A department's own parts, with the builds that name each. */
export const useOwnParts = (departmentId: string) =>
  useQuery({
    queryKey: ['parts', departmentId],
    queryFn: () => askOrKept<OwnPartView[]>(`departments/${departmentId}/parts`),
    networkMode: 'always',
  });

/** Every saved change of a build, the newest first. */
export const useRevisions = (buildId: string) =>
  useQuery({
    queryKey: ['revisions', buildId],
    queryFn: () => ask<RevisionView[]>('GET', `builds/${buildId}/revisions`),
    staleTime: 0,
    networkMode: 'always',
  });

/** One saved change with all its choices; it never changes. */
export const useRevision = (buildId: string, revision: number | null) =>
  useQuery({
    queryKey: ['revision', buildId, revision],
    queryFn: () => ask<RevisionDetail>('GET', `builds/${buildId}/revisions/${revision}`),
    enabled: revision !== null,
    staleTime: Infinity,
    networkMode: 'always',
  });

function useChange<Input, Output>(
  change: (input: Input) => Promise<Output>,
  touches: string[][] = [DEPARTMENTS, BUILDS],
) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    networkMode: 'always',
    onSettled: () => askAfresh(client, touches),
  });
}

export const useNewDepartment = () =>
  useChange((input: NewDepartment) => ask<DepartmentView>('POST', 'departments', input));
export const useDepartmentChange = () =>
  useChange(({ id, ...change }: DepartmentChange & { id: string }) =>
    ask<DepartmentView>('PATCH', `departments/${id}`, change),
  );
export const useNewBuild = () => useChange((input: NewBuild) => ask<BuildView>('POST', 'builds', input));
export const useImportBuild = () =>
  useChange((input: ImportBuild) => ask<BuildView>('POST', 'builds/import', input));
export const useBuildChange = () =>
  useChange(({ id, ...change }: BuildChange & { id: string }) =>
    ask<BuildView>('PATCH', `builds/${id}`, change),
  );
export const useCopyBuild = () =>
  useChange(({ id, ...copy }: CopyBuild & { id: string }) =>
    ask<BuildView>('POST', `builds/${id}/copies`, copy),
  );
export const useImportArchive = () =>
  useChange((archive: DepartmentArchive) => ask<DepartmentView>('POST', 'departments/archive', archive));
export const useKeepParts = (departmentId: string) =>
  useChange(
    (parts: OwnPart[]) => ask<OwnPartsKept>('PUT', `departments/${departmentId}/parts`, { parts }),
    [['parts', departmentId]],
  );
export const useRemovePart = (departmentId: string) =>
  useChange(
    ({ kind, id }: Pick<OwnPart, 'kind' | 'id'>) =>
      ask<OwnPartsKept>('DELETE', `departments/${departmentId}/parts/${kind}/${id}`),
    [['parts', departmentId]],
  );
export const useNameRevision = (buildId: string) =>
  useChange(
    ({ revision, label }: { revision: number; label: string }) =>
      ask<RevisionView>('PATCH', `builds/${buildId}/revisions/${revision}`, { label }),
    [['revisions', buildId]],
  );
