import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiServiceUnavailableResponse, ApiTags } from '@nestjs/swagger';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Allow } from '../common/context.js';
import { ProblemDto } from '../common/problem.dto.js';
import { HealthDto } from './health.dto.js';

@ApiTags('health')
@Allow('anyone')
@Controller('api/health')
export class HealthController {
  constructor(private readonly sequelize: Sequelize) {}

  /** Well while the database answers; 503 while it does not. */
  @Get()
  @ApiOkResponse({ type: HealthDto })
  @ApiServiceUnavailableResponse({ type: ProblemDto })
  async health(): Promise<HealthDto> {
    await this.sequelize.query('SELECT 1', { type: QueryTypes.SELECT });
    return { ok: true };
  }
}
