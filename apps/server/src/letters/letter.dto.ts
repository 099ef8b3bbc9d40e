import { LETTER_TO, type LetterTo } from '@lotus-steady/core';
import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsString, MaxLength, MinLength } from 'class-validator';

export class LetterQueryDto {
  @ApiProperty({ enum: LETTER_TO }) @IsIn(LETTER_TO) to!: LetterTo;
}

/** A letter, as it is edited. */
export class LetterDto {
  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'The letter is empty.' })
  @MaxLength(10_000)
  text!: string;
}
