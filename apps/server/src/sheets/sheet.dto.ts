import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsBooleanString, IsIn, IsOptional, IsUUID } from 'class-validator';
import { SHEET_KINDS, type SheetKind } from './sheet.js';

/** Which sheet, of which class. */
export class SheetAddressDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() id!: string;
  @ApiProperty({ enum: SHEET_KINDS }) @IsIn(SHEET_KINDS) kind!: SheetKind;
}

/** How a sheet is wanted. */
export class SheetQueryDto {
  @ApiPropertyOptional({
    enum: ['true', 'false'],
    description: 'In ink: light tones with an outline, for black and white.',
  })
  @IsOptional()
  @IsBooleanString()
  ink?: string;

  @ApiPropertyOptional({
    enum: ['true', 'false'],
    description: 'Picture cards without their names, for children who do not read yet.',
  })
  @IsOptional()
  @IsBooleanString()
  wordless?: string;
}
