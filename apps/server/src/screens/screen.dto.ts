import type { Shown } from '@lotus-steady/core';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsObject, IsString, Length } from 'class-validator';
import { CoreType } from '../common/coreType.js';

/** Whether there is a screen for the class. */
export class ScreenDto {
  /** Since when; left out where there is none. The link itself is kept nowhere. */
  @ApiPropertyOptional({ format: 'date-time' }) since?: string;
}

/** What is to stand on the screen now. The core reads it: nothing but figure, breath and count comes through. */
export class ShowDto {
  @IsObject() @CoreType('Shown') shown!: unknown;
}

/** What is behind the `#` of the link. */
export class LookAtScreenDto {
  @ApiProperty() @IsString() @Length(20, 200) secret!: string;
}

/** What stands on the screen. */
export class OnScreenDto {
  /** Left out before the class. */
  @CoreType('Shown', { optional: true }) shown?: Shown;
  @ApiPropertyOptional({ description: 'Milliseconds since it was told.' }) age?: number;
}
