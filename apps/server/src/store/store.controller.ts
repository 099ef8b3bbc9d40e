import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow } from '../common/context.js';
import { CheckedSealsDto } from './store.dto.js';
import { SealedRows } from './sealedRows.js';

@ApiTags('store')
@Allow('owner')
@Controller('api/store')
export class StoreController {
  constructor(private readonly rows: SealedRows) {}

  /** Opens everything that is encrypted, of every hall here; nothing of what it says is answered. */
  @Get('check')
  @ApiOkResponse({ type: CheckedSealsDto })
  check(): Promise<CheckedSealsDto> {
    return this.rows.check();
  }
}
