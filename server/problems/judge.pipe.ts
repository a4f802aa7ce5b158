import { Injectable } from '@nestjs/common';
import type { ArgumentMetadata, PipeTransform } from '@nestjs/common';
import { BadInput, BuildSpec, DepartmentArchive, judge, parseArchive, parseBuild, referenceProblems, upgradeBuild } from '#core/spec';

const prefixed = (spec: BuildSpec): void => {
  const problems = referenceProblems(spec).map(({ field, message }) => ({ field: `spec.${field}`, message: `spec.${message}` }));
  if (problems.length) throw new BadInput(problems);
};

/** A build within a body may be of an older version, such as one that was kept while the server was out of reach. */
const withSpecOfToday = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'spec' in value ? { ...value, spec: upgradeBuild(value.spec) } : value;

/** Judges every body by the core's rules, so that a form and an endpoint refuse alike. */
@Injectable()
export class JudgePipe implements PipeTransform {
  transform(value: unknown, { type, metatype }: ArgumentMetadata): unknown {
    if (type !== 'body' || !metatype || metatype === Object) return value;
    if (metatype === BuildSpec) return parseBuild(value);
    if (metatype === DepartmentArchive) return parseArchive(value);
    const judged = judge(metatype as new () => object, withSpecOfToday(value));
    const spec = (judged as { spec?: unknown }).spec;
    if (spec instanceof BuildSpec) prefixed(spec);
    return judged;
  }
}
