import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { anglesCalculation } from '#core/subjects/angles';
import { bridge } from '#core/subjects/bridges';
import { mixing } from '#core/subjects/foaming';
import { bedHolds } from '#core/subjects/hose';
import { lineCalculation } from '#core/subjects/lines';
import { pumpAtFlow } from '#core/subjects/pump';
import { shuttle } from '#core/subjects/rural';
import { turning } from '#core/subjects/streets';
import { tankCalculation } from '#core/subjects/tank';
import {
  AnglesInput,
  BridgeInput,
  FoamInput,
  HoseBedInput,
  LineInput,
  PayloadInput,
  PumpInput,
  ShuttleInput,
  TankInput,
  TurningInput,
  WeightsInput,
} from '#core/exchange';
import { payload, weigh } from '#core/subjects/weights';
import { AskedBy } from '../gate/index.js';
import type { Asker } from '../gate/index.js';
import { WorkService } from '../work/index.js';
import { resultSchemas } from './results.js';

/** The outside contract over HTTP: the same calculations as `npm run calc`. */
@ApiTags('calc')
@Controller('calc')
export class CalcController {
  constructor(private readonly work: WorkService) {}

  @Post('weights')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.weights })
  weights(@Body() input: WeightsInput) {
    return weigh(input);
  }

  @Post('tank')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.tank })
  tank(@Body() input: TankInput) {
    return tankCalculation(input);
  }

  @Post('angles')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.angles })
  angles(@Body() input: AnglesInput) {
    return anglesCalculation(input);
  }

  @Post('payload')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.payload })
  payload(@Body() input: PayloadInput) {
    return payload(input);
  }

  @Post('turning')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.turning })
  turning(@Body() input: TurningInput) {
    return turning(input);
  }

  @Post('bridge')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.bridge })
  bridge(@Body() input: BridgeInput) {
    return bridge(input);
  }

  @Post('line')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.line })
  line(@Body() input: LineInput) {
    return lineCalculation(input);
  }

  @Post('pump')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.pump })
  pump(@Body() input: PumpInput) {
    return pumpAtFlow(input);
  }

  @Post('foam')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.foam })
  foam(@Body() input: FoamInput) {
    return mixing(input);
  }

  @Post('hosebed')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.hosebed })
  hosebed(@Body() input: HoseBedInput) {
    return bedHolds(input);
  }

  @Post('shuttle')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.shuttle })
  shuttle(@Body() input: ShuttleInput) {
    return shuttle(input);
  }

  @Post('evaluate')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.evaluate })
  @ApiBody({ schema: { $ref: '#/components/schemas/Build' } })
  evaluate(@Body() file: object, @AskedBy() asker: Asker): Promise<unknown> {
    return this.work.do({ kind: 'evaluate', file }, asker);
  }
}
