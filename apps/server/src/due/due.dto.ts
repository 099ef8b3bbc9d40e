import { ApiProperty } from '@nestjs/swagger';
import type { Due } from '@lotus-steady/core';
import { CoreType } from '../common/coreType.js';

/** What runs out or changes for somebody in the next days. */
export class DueDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @CoreType('Due', { list: true }) due!: Due[];
}
