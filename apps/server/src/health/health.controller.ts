import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow } from '../common/context.js';
import { HealthDto } from './health.dto.js';

@ApiTags('health')
@Allow('anyone')
@Controller('api/health')
export class HealthController {
  @Get()
  @ApiOkResponse({ type: HealthDto })
  health(): HealthDto {
    return { ok: true };
  }
}
