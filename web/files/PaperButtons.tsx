import { Button } from '@mantine/core';
import { PAPERS } from '#core/papers';
import { useUnits } from '../common';
import { useSession } from '../session';
import { orderPaper, useUnderway } from './orders';

/** Papers of the open build, each made at a press. */
export function PaperButtons({ ids }: { ids: readonly string[] }) {
  const { id: of, bench, whenSaved } = useSession();
  const { system } = useUnits();
  const isUnderway = useUnderway(of);
  return PAPERS.filter(({ id }) => ids.includes(id)).map(({ id, title }) => (
    <Button
      key={id}
      size="xs"
      variant="default"
      loading={isUnderway(id)}
      onClick={() => void orderPaper({ id: of, name: bench.build.name, paper: id, system, whenSaved })}
    >
      {title} as PDF
    </Button>
  ));
}
