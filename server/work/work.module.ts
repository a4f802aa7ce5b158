import { Global, Module } from '@nestjs/common';
import { WorkQueue } from './queue.js';
import { WorkService } from './work.service.js';

@Global()
@Module({ providers: [WorkQueue, WorkService], exports: [WorkQueue, WorkService] })
export class WorkModule {}
