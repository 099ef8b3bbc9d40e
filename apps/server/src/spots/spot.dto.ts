import type { Heading } from '@lotus-steady/core';
import { ApiProperty } from '@nestjs/swagger';
import { ArrayMaxSize, IsIn, IsInt, IsUUID, Max, Min } from 'class-validator';
import { IsListOf } from '../common/checks.js';

const HEADINGS: readonly Heading[] = [0, 90, 180, 270];
/** No room is larger, cm; and nobody is laid further out of one than so. */
const MOST = 5000;

/** Where somebody is: the middle of her place, cm from the left and the front wall, and which way she faces. */
export class SpotDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() personId!: string;
  @ApiProperty() @IsInt() @Min(-MOST) @Max(MOST) xCm!: number;
  @ApiProperty() @IsInt() @Min(-MOST) @Max(MOST) yCm!: number;
  @ApiProperty({ enum: HEADINGS }) @IsIn(HEADINGS) heading!: Heading;
}

/** Places that were moved; all others stay. */
export class SpotsDto {
  @ApiProperty({ type: [SpotDto] })
  @ArrayMaxSize(300)
  @IsListOf(() => SpotDto)
  spots!: SpotDto[];
}
