import { Controller, Get, ServiceUnavailableException } from '@nestjs/common';
import { ApiOkResponse, ApiServiceUnavailableResponse, ApiTags } from '@nestjs/swagger';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { Allow } from '../common/context.js';
import { ProblemDto } from '../common/problem.dto.js';
import { HealthDto } from './health.dto.js';

/** What a database of a cluster says of itself while it may be used; one alone has no provider. */
const IN_STEP = { wsrep_cluster_status: 'Primary', wsrep_ready: 'ON', wsrep_local_state: '4' };

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
    const rows = await this.sequelize.query<{ Variable_name: string; Value: string }>(
      'SHOW STATUS WHERE Variable_name IN (:names)',
      { replacements: { names: ['wsrep_provider_name', ...Object.keys(IN_STEP)] }, type: QueryTypes.SELECT },
    );
    const status = Object.fromEntries(rows.map((row) => [row.Variable_name, row.Value]));
    const inStep = Object.entries(IN_STEP).every(([name, value]) => status[name] === value);
    if (status.wsrep_provider_name && !inStep)
      throw new ServiceUnavailableException('This database is not in step with the others just now.');
    return { ok: true };
  }
}
