import 'reflect-metadata';
import { IsBoolean, IsIn, IsString, IsUUID } from 'class-validator';
import { BUILD_TYPES, Letters, MayBeLeftOut, Nested } from '../build/index.js';
import type { Build, BuildType } from '../build/index.js';
import { DISTRICT_KINDS } from '../demonstration/index.js';
import type { DistrictKind } from '../demonstration/index.js';
import type { Figures } from '../kernel/index.js';
import { house } from '../subjects/index.js';
import { AreFigures } from './figures.js';
import { Moment, RevisionNumber } from './moments.js';
import { IsStanding } from './standing.js';
import type { Standing } from './standing.js';

/** What passes between the screens and the server, with the rules that both judge by. */

export class NewDepartment {
  @IsString()
  @Letters(1, 80)
  name!: string;

  @IsString()
  @Letters(0, 400)
  district!: string;

  /** What kind of district it is: new builds start from a truck for it. */
  @IsIn(DISTRICT_KINDS)
  kind!: DistrictKind;
}

export class DepartmentChange {
  @MayBeLeftOut()
  @IsString()
  @Letters(1, 80)
  name?: string;

  @MayBeLeftOut()
  @IsString()
  @Letters(0, 400)
  district?: string;

  @MayBeLeftOut()
  @IsIn(DISTRICT_KINDS)
  kind?: DistrictKind;

  @MayBeLeftOut()
  @IsBoolean()
  archived?: boolean;
}

export class DepartmentView extends NewDepartment {
  @IsUUID()
  id!: string;

  @IsBoolean()
  archived!: boolean;
}

/** Who does something; nobody is asked to prove it. */
class ByWhom {
  /** The name under which a person wants to stand in the history. */
  @MayBeLeftOut()
  @IsString()
  @Letters(0, 60)
  who?: string;
}

export class NewBuild extends ByWhom {
  @IsUUID()
  departmentId!: string;

  @IsString()
  @Letters(1, 80)
  name!: string;

  @IsIn(BUILD_TYPES)
  type!: BuildType;
}

/** A build file put into a department. */
export class ImportBuild extends ByWhom {
  @IsUUID()
  departmentId!: string;

  @Nested(() => house.BuildFile)
  build!: Build;
}

export class CopyBuild extends ByWhom {
  @IsString()
  @Letters(1, 80)
  name!: string;

  /** The department that the copy goes to; the build's own where left out. */
  @MayBeLeftOut()
  @IsUUID()
  departmentId?: string;

  /** Choices to copy instead of the saved ones, for example those that a conflict kept from being saved. */
  @MayBeLeftOut()
  @Nested(() => house.BuildFile)
  build?: Build;
}

export class BuildChange extends ByWhom {
  @MayBeLeftOut()
  @IsString()
  @Letters(1, 80)
  name?: string;

  @MayBeLeftOut()
  @IsBoolean()
  archived?: boolean;
}

export class SaveBuild extends ByWhom {
  /** The revision that the change was made on; the save is refused when a newer one is there. */
  @RevisionNumber()
  revision!: number;

  /** The change in words, for the history. */
  @IsString()
  @Letters(1, 200)
  words!: string;

  /** How its checks stand: what a later Baros that judges otherwise is held against. */
  @MayBeLeftOut()
  @IsStanding()
  standing?: Standing;

  @Nested(() => house.BuildFile)
  build!: Build;
}

/** What a revision came to when it was saved. */
export class AsSaved {
  @AreFigures()
  figures!: Figures;

  @MayBeLeftOut()
  @IsStanding()
  standing?: Standing;
}

/** How a build stands, without its file. */
export class BuildState {
  @IsUUID()
  id!: string;

  @IsUUID()
  departmentId!: string;

  @RevisionNumber()
  revision!: number;

  @IsBoolean()
  archived!: boolean;

  /** When it was last saved, ISO 8601. */
  @Moment()
  savedAt!: string;

  /** The last change in words. */
  @IsString()
  lastChange!: string;
}

export class BuildView extends BuildState {
  @Nested(() => house.BuildFile)
  build!: Build;

  /** Left out where an older Baros saved it and kept none. */
  @MayBeLeftOut()
  @Nested(() => AsSaved)
  asSaved?: AsSaved;
}

/** How a server is. */
export class Health {
  @IsBoolean()
  live!: boolean;

  /** Its database answers. */
  @IsBoolean()
  ready!: boolean;
}
