import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import type {
  BriefChange,
  BriefView,
  BuildChange,
  BuildView,
  CopyBuild,
  DepartmentChange,
  DepartmentView,
  DrillView,
  ImportBuild,
  NewBuild,
  NewDepartment,
  NewDrill,
  OwnLimitsOf,
  OwnPartView,
  OwnPartsKept,
  RevisionDetail,
  RevisionView,
  YardPage,
  YardQuery,
} from '#core/exchange';
import type { OwnPart } from '#core/kernel';
import { askAfresh } from './afresh';
import { ask } from './client';
import type { Uploading } from './upload';
import { askOrKept } from './kept-answers';

const DEPARTMENTS = ['departments'];
const BUILDS = ['builds'];
/** Revisions that are asked for at once. */
const HISTORY_PAGE = 50;

/** What the yard shows is kept in this browser: with the server out of reach it is shown as it was last seen. */
export const useDepartments = () =>
  useQuery({
    queryKey: DEPARTMENTS,
    queryFn: () => askOrKept<DepartmentView[]>('departments'),
    networkMode: 'always',
  });

export type YardAsked = Pick<YardQuery, 'text' | 'type' | 'order'> & { archived: boolean };

const yardPath = ({ text, type, order, archived }: YardAsked, from: number): string => {
  const asked = new URLSearchParams({ from: String(from) });
  if (text) asked.set('text', text);
  if (type) asked.set('type', type);
  if (order) asked.set('order', order);
  if (archived) asked.set('archived', 'true');
  return `builds?${asked}`;
};

/** The builds of the yard, a page after the other. */
export const useYard = (asked: YardAsked) =>
  useInfiniteQuery({
    queryKey: [...BUILDS, asked],
    queryFn: ({ pageParam }) => askOrKept<YardPage>(yardPath(asked, pageParam)),
    initialPageParam: 0,
    getNextPageParam: (last: YardPage, pages: YardPage[]) => {
      const shown = pages.reduce((sum, { builds }) => sum + builds.length, 0);
      return last.builds.length > 0 && shown < last.total ? shown : undefined;
    },
    placeholderData: keepPreviousData,
    networkMode: 'always',
  });

/** Limits of their own that builds of a department have. */
export const useOwnLimits = (departmentId: string) =>
  useQuery({
    queryKey: ['limits', departmentId],
    queryFn: () => askOrKept<OwnLimitsOf[]>(`departments/${departmentId}/limits`),
    networkMode: 'always',
  });

/** A department's own parts, with the builds that name each. */
export const useOwnParts = (departmentId: string) =>
  useQuery({
    queryKey: ['parts', departmentId],
    queryFn: () => askOrKept<OwnPartView[]>(`departments/${departmentId}/parts`),
    networkMode: 'always',
  });

/** What a department says of its district. */
export const useDepartmentBrief = (departmentId: string) =>
  useQuery({
    queryKey: ['brief', departmentId],
    queryFn: () => askOrKept<BriefView>(`departments/${departmentId}/brief`),
    networkMode: 'always',
  });

/** The saved changes of a build, the newest first, a page after the other. */
export const useRevisions = (buildId: string) =>
  useInfiniteQuery({
    queryKey: ['revisions', buildId],
    queryFn: ({ pageParam }) =>
      ask<RevisionView[]>(
        'GET',
        `builds/${buildId}/revisions?most=${HISTORY_PAGE}${pageParam ? `&before=${pageParam}` : ''}`,
      ),
    initialPageParam: 0,
    getNextPageParam: (last: RevisionView[]) => {
      const oldest = last.at(-1);
      return last.length === HISTORY_PAGE && oldest && oldest.before ? oldest.revision : undefined;
    },
    staleTime: 0,
    networkMode: 'always',
  });

/** Who drilled on a build, the newest first. */
export const useDrills = (buildId: string) =>
  useQuery({
    queryKey: ['drills', buildId],
    queryFn: () => ask<DrillView[]>('GET', `builds/${buildId}/drills`),
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
export const useImportArchive = () => useChange(({ done }: Uploading<DepartmentView>) => done);
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
export const useKeepDrill = (buildId: string) =>
  useChange(
    (drill: NewDrill) => ask<DrillView>('POST', `builds/${buildId}/drills`, drill),
    [['drills', buildId]],
  );
export const useNameRevision = (buildId: string) =>
  useChange(
    ({ revision, label }: { revision: number; label: string }) =>
      ask<RevisionView>('PATCH', `builds/${buildId}/revisions/${revision}`, { label }),
    [['revisions', buildId]],
  );
/** Keeps a department's brief; what is read of it next is what was kept. */
export function useKeepBrief(departmentId: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (change: BriefChange) => ask<BriefView>('PUT', `departments/${departmentId}/brief`, change),
    networkMode: 'always',
    onSuccess: (kept) => client.setQueryData(['brief', departmentId], kept),
  });
}
