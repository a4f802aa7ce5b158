import { Injectable } from '@nestjs/common';
import type { ArgumentMetadata, PipeTransform } from '@nestjs/common';
import { BadInput, BuildSpec, judge, parseBuild, referenceProblems } from '#core/spec';

const prefixed = (spec: BuildSpec): void => {
  const problems = referenceProblems(spec).map(({ field, message }) => ({ field: `spec.${field}`, message: `spec.${message}` }));
  if (problems.length) throw new BadInput(problems);
};

/** Judges every body by the core's rules, so that a form and an endpoint refuse alike. */
@Injectable()
export class JudgePipe implements PipeTransform {
  transform(value: unknown, { type, metatype }: ArgumentMetadata): unknown {
    if (type !== 'body' || !metatype || metatype === Object) return value;
    if (metatype === BuildSpec) return parseBuild(value);
    const judged = judge(metatype as new () => object, value);
    const spec = (judged as { spec?: unknown }).spec;
    if (spec instanceof BuildSpec) prefixed(spec);
    return judged;
  }
}
