import { Injectable } from '@nestjs/common';
import type { ArgumentMetadata, PipeTransform } from '@nestjs/common';
import { taken, TAKEN } from '#core/exchange';
import { senderOfLarge } from '../gate/index.js';
import { WorkService } from '../work/index.js';

/** Judges every body by the core's rules, so that a form and an endpoint refuse alike. */
@Injectable()
export class JudgePipe implements PipeTransform {
  constructor(private readonly work: WorkService) {}

  transform(value: unknown, { type, metatype }: ArgumentMetadata): unknown {
    if (type !== 'body' || !metatype || metatype === Object) return value;
    const sender = senderOfLarge(value);
    const as = metatype.name;
    return sender && Object.hasOwn(TAKEN, as)
      ? this.work.do({ kind: 'judge', as: as as keyof typeof TAKEN, body: value }, sender)
      : taken(metatype as new () => object, value);
  }
}
