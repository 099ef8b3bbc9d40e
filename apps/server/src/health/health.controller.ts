import { Controller, Get, ServiceUnavailableException } from '@nestjs/common';
import { ApiOkResponse, ApiServiceUnavailableResponse, ApiTags } from '@nestjs/swagger';
import { Sequelize } from 'sequelize-typescript';
import { Allow } from '../common/context.js';
import { ProblemDto } from '../common/problem.dto.js';
import { isInStep } from '../database/inStep.js';
import { HealthDto } from './health.dto.js';

@ApiTags('health')
@Allow('anyone')
@Controller('api/health')
export class HealthController {
  constructor(private readonly sequelize: Sequelize) {}

  /** Well while the database answers and, in a cluster, is in step with most of it; 503 while it is not. */
  @Get()
  @ApiOkResponse({ type: HealthDto })
  @ApiServiceUnavailableResponse({ type: ProblemDto })
  async health(): Promise<HealthDto> {
    if (!(await isInStep(this.sequelize)))
      throw new ServiceUnavailableException('This database is not in step with the others just now.');
    return { ok: true };
  }
}
