import type { StepChange } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';

/** What was not as planned in a pose, the last time. */
export class ChangeThenDto {
  @ApiProperty() pose!: string;
  @ApiProperty({ enum: ['eased', 'stopped'] }) what!: StepChange['what'];
  @ApiPropertyOptional() where?: string;
  @ApiPropertyOptional() word?: string;
}

/** How the last class was for somebody who is down for this one. */
export class LastTimeDto {
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty({ format: 'uuid' }) classId!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty({ type: Number, nullable: true }) painBefore!: number | null;
  @ApiProperty({ type: Number, nullable: true }) painAfter!: number | null;
  @ApiProperty({ type: Number, nullable: true }) effort!: number | null;
  @ApiProperty({ type: [ChangeThenDto] }) changes!: ChangeThenDto[];
  @ApiProperty() word!: string;
}
