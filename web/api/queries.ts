import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { BuildChange, BuildView, CopyBuild, DepartmentChange, DepartmentView, NewBuild, NewDepartment } from '#core/spec';
import { ask } from './client';

const DEPARTMENTS = ['departments'];
const BUILDS = ['builds'];

export const useDepartments = () => useQuery({ queryKey: DEPARTMENTS, queryFn: () => ask<DepartmentView[]>('GET', 'departments') });
export const useBuilds = () => useQuery({ queryKey: BUILDS, queryFn: () => ask<BuildView[]>('GET', 'builds') });

/** One build, fresh from the server each time a bench opens. */
export const useBuildQuery = (id: string) =>
  useQuery({ queryKey: ['build', id], queryFn: () => ask<BuildView>('GET', `builds/${id}`), gcTime: 0, staleTime: Infinity, refetchOnWindowFocus: false });

function useChange<Input, Output>(change: (input: Input) => Promise<Output>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSettled: () => Promise.all([client.invalidateQueries({ queryKey: DEPARTMENTS }), client.invalidateQueries({ queryKey: BUILDS })]),
  });
}

export const useNewDepartment = () => useChange((input: NewDepartment) => ask<DepartmentView>('POST', 'departments', input));
export const useDepartmentChange = () => useChange(({ id, ...change }: DepartmentChange & { id: string }) => ask<DepartmentView>('PATCH', `departments/${id}`, change));
export const useNewBuild = () => useChange((input: NewBuild) => ask<BuildView>('POST', 'builds', input));
export const useBuildChange = () => useChange(({ id, ...change }: BuildChange & { id: string }) => ask<BuildView>('PATCH', `builds/${id}`, change));
export const useCopyBuild = () => useChange(({ id, ...copy }: CopyBuild & { id: string }) => ask<BuildView>('POST', `builds/${id}/copies`, copy));
