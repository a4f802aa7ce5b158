import { Module } from '@nestjs/common';
import { CalcController } from './calc.controller.js';

@Module({ controllers: [CalcController] })
export class CalcModule {}
