import { Injectable } from '@nestjs/common';
import type { ArgumentMetadata, PipeTransform } from '@nestjs/common';
import { BadInput, judge } from '#core/build';
import type { Build } from '#core/build';
import { DepartmentArchive, parseArchive } from '#core/exchange';
import { house } from '#core/subjects';

/**
 * A build within a body may be of an older version, such as one that was kept while the server was out of
 * reach.
 */
const withBuildOfToday = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'build' in value
    ? { ...value, build: house.upgrade(value.build) }
    : value;

function refuse(build: Build): void {
  const problems = house
    .problemsOf(build)
    .map(({ field, message }) => ({ field: `build.${field}`, message: `build.${message}` }));
  if (problems.length) throw new BadInput(problems);
}

/** Judges every body by the core's rules, so that a form and an endpoint refuse alike. */
@Injectable()
export class JudgePipe implements PipeTransform {
  transform(value: unknown, { type, metatype }: ArgumentMetadata): unknown {
    if (type !== 'body' || !metatype || metatype === Object) return value;
    if (metatype === DepartmentArchive) return parseArchive(value);
    const judged = judge(metatype as new () => object, withBuildOfToday(value));
    const { build } = judged as { build?: Build };
    if (build) refuse(build);
    return judged;
  }
}
