import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';
import { Allow } from '../common/context.js';
import { SealedRows } from './sealedRows.js';

/** Whether everything that is encrypted opens. */
export class CheckedSealsDto {
  /** The name of the key that is encrypted with now. */
  @ApiProperty() key!: string;
  /** So many values there are. */
  @ApiProperty() sealed!: number;
  /** So many of them are encrypted with an earlier key. */
  @ApiProperty() earlier!: number;
  /** So many do not open: their key is not here, or they were changed. */
  @ApiProperty() unreadable!: number;
}

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
