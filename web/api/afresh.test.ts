import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { askAfresh } from './afresh';

it('a first answer that is still on its way when something is changed is not taken for the new one', async () => {
  const client = new QueryClient();
  const held: ((names: string[]) => void)[] = [];
  const observer = new QueryObserver(client, {
    queryKey: ['departments'],
    queryFn: () => new Promise<string[]>((answer) => held.push(answer)),
    networkMode: 'always',
  });
  const letGo = observer.subscribe(() => {});
  const done = askAfresh(client, [['departments']]);
  await expect.poll(() => held.length).toBe(2);
  held[0]!(['old']);
  held[1]!(['old', 'new']);
  await done;
  expect(observer.getCurrentResult().data).toEqual(['old', 'new']);
  letGo();
});
