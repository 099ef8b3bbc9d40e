import { PAIN_PLACES } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsInt, IsOptional, IsUUID, Max, Min } from 'class-validator';
import type { SealedMark } from './mark.model.js';

const GIVEN = ['less-far', 'supported', 'rest', 'stopped'] as const satisfies readonly SealedMark['given'][];
/** The last instant that a clock can tell, ms since 1970. */
const LAST_INSTANT = 8.64e15;

/** A change for somebody, noted while the class is taught. */
export class MarkDraftDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() personId!: string;
  @ApiProperty() @IsInt() @Min(1) step!: number;
  @ApiProperty({ enum: GIVEN }) @IsIn(GIVEN) given!: SealedMark['given'];
  @ApiPropertyOptional({ enum: PAIN_PLACES, description: 'Where it hurt.' })
  @IsOptional()
  @IsIn(PAIN_PLACES)
  where?: string;
  @ApiProperty({ description: 'When, in milliseconds since 1970.' })
  @IsInt()
  @Min(0)
  @Max(LAST_INSTANT)
  at!: number;
}

/** A mark that is not in the record yet. */
export class MarkDto extends MarkDraftDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
}
