import type { Room } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsInt, IsObject, IsOptional, IsString, Length, Max, Min } from 'class-validator';
import { IsLine } from '../common/checks.js';
import { CoreType, TableOf } from '../common/coreType.js';

/** A room, or a house that one goes to. */
export class PlaceDraftDto {
  @ApiProperty()
  @IsString()
  @IsLine('a name')
  @Length(1, 120, { message: 'a name is needed' })
  name!: string;
  @ApiPropertyOptional({ minimum: 1, maximum: 300, description: 'So many have room.' })
  @IsOptional()
  @IsInt({ message: 'how many have room is a whole number' })
  @Min(1, { message: 'at least one has room' })
  @Max(300, { message: 'at most 300 have room' })
  most?: number;
  /** What is there, by prop; nothing said of any is as the hall has it. */
  @TableOf('number') @IsObject() stock!: Record<string, unknown>;
  /** How large it is, its doors, and the walls one can lean on. */
  @IsOptional() @IsObject() @CoreType('Room', { optional: true }) room?: unknown;
}

/** A place as it stands. */
export class PlaceDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ type: Number, nullable: true }) most!: number | null;
  @TableOf('number') stock!: Record<string, number>;
  @CoreType('Room', { optional: true }) room?: Room;
  @ApiProperty() version!: number;
}
