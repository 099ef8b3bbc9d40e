import type { OwnVariant } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsObject, IsOptional, IsString, Length, MaxLength } from 'class-validator';
import { IsLine } from '../common/checks.js';
import { CoreType, TableOf } from '../common/coreType.js';

/** A teacher's own variant as she made it. */
export class OwnVariantDraftDto {
  @ApiProperty()
  @IsString()
  @IsLine('a name')
  @Length(1, 80, { message: 'a name is needed, up to 80 letters' })
  name!: string;
  @ApiProperty() @IsString() @MaxLength(120) pose!: string;
  /** Given where it is to be a pose of its own, made from `pose`. */
  @ApiPropertyOptional()
  @IsOptional()
  @IsString()
  @IsLine('a name')
  @Length(1, 80, { message: 'a name for the pose is needed, up to 80 letters' })
  poseName?: string;
  @ApiProperty() @IsString() @MaxLength(160) base!: string;
  /** The rung it comes after; empty for the first place. */
  @ApiProperty() @IsString() @MaxLength(160) after!: string;
  @TableOf('number') @IsObject() angles!: Record<string, number>;
}

/** An own variant as it is kept; `key` names it in the list. */
export class OwnVariantDto {
  @ApiProperty({ format: 'uuid' }) key!: string;
  @ApiProperty() id!: string;
  @ApiProperty() pose!: string;
  @ApiPropertyOptional() poseName?: string;
  @ApiProperty() base!: string;
  @ApiProperty() after!: string;
  @ApiProperty() name!: string;
  @TableOf('number') angles!: OwnVariant['angles'];
  @CoreType('Shape', { list: true }) frames!: OwnVariant['frames'];
  @CoreType('StoredSolutions') solved!: OwnVariant['solved'];
}

/** The id under which sequences and fittings know it. */
export class SavedOwnVariantDto {
  @ApiProperty() id!: string;
}
