import { Injectable } from '@nestjs/common';
import type { PipeTransform } from '@nestjs/common';
import { BadInput, ID } from '#core/build';
import { MOST_REVISIONS } from '#core/exchange';

const refuse = (field: string, message: string): never => {
  throw new BadInput([{ field, message: `${field} ${message}` }]);
};

/** The number of a revision within an address. */
@Injectable()
export class RevisionPipe implements PipeTransform<string, number> {
  transform(text: string): number {
    const revision = Number(text);
    return /^\d+$/.test(text) && revision >= 1 && revision <= MOST_REVISIONS
      ? revision
      : refuse('revision', `must be a whole number from 1 to ${MOST_REVISIONS} (was "${text.slice(0, 40)}")`);
  }
}

/** The id of a build or a department within an address. */
@Injectable()
export class RecordPipe implements PipeTransform<string, string> {
  transform(text: string): string {
    return /^[\da-f]{8}(-[\da-f]{4}){3}-[\da-f]{12}$/i.test(text)
      ? text
      : refuse(
          'id',
          `must be the id of a build or a department, as it stands in its address (was ${JSON.stringify(text.slice(0, 40))})`,
        );
  }
}

/** An id within an address, such as that of a part or of its kind. */
@Injectable()
export class IdPipe implements PipeTransform<string, string> {
  transform(text: string): string {
    return ID.test(text)
      ? text
      : refuse(
          'id',
          `must be an id (letters, digits, dots and dashes) (was ${JSON.stringify(text.slice(0, 40))})`,
        );
  }
}
