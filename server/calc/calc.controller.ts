import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { report } from '#core/study';
import { angles } from '#core/site';
import { AnglesInput, BuildSpec, TankInput, WeightsInput } from '#core/spec';
import { tank, weigh } from '#core/weights';
import { resultSchemas } from './results.js';

/** The outside contract over HTTP: the same calculations as `npm run calc`. */
@ApiTags('calc')
@Controller('calc')
export class CalcController {
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
    return tank(input);
  }

  @Post('angles')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.angles })
  angles(@Body() input: AnglesInput) {
    return angles(input);
  }

  @Post('evaluate')
  @HttpCode(200)
  @ApiOkResponse({ schema: resultSchemas.evaluate })
  evaluate(@Body() build: BuildSpec) {
    return report(build);
  }
}
