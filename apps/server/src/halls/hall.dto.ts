import type { HallRules, HouseView, Pace } from '@lotus-steady/core';
import { ApiProperty } from '@nestjs/swagger';
import { ArrayMaxSize, IsArray, IsObject } from 'class-validator';
import { CoreType, TableOf } from '../common/coreType.js';

/** The hall as it stands. */
export class HallDto {
  @ApiProperty() name!: string;
  @ApiProperty() teacher!: string;
  /** Today's date where the hall is. */
  @ApiProperty({ format: 'date' }) today!: string;
  @CoreType('HouseView') houseView!: HouseView;
  @TableOf('number') stock!: Record<string, number>;
  @CoreType('HallRules') rules!: HallRules;
  @CoreType('OwnPace') pace!: Partial<Pace>;
  @ApiProperty() version!: number;
  @ApiProperty() stockVersion!: number;
}

/** The version to save on the next time. */
export class VersionDto {
  @ApiProperty() version!: number;
}

/** A position on each topic; what is left out is the usual one. */
export class HouseViewDto {
  @IsObject() @TableOf('string') houseView!: Record<string, string>;
}

/** What a hall changes about the rulebook. The core, which knows the rules, checks each change. */
export class HallRulesDto {
  @IsArray()
  @ArrayMaxSize(300, { message: 'a list of at most 300 is needed' })
  @CoreType('MovedLimit', { list: true })
  moved!: unknown[];
  @IsArray()
  @ArrayMaxSize(300, { message: 'a list of at most 300 is needed' })
  @CoreType('OwnRule', { list: true })
  own!: unknown[];
}

/** What the hall owns, by prop. */
export class StockDto {
  @IsObject() @TableOf('number') stock!: Record<string, unknown>;
}

/** The teacher's own pace: seconds that differ from the usual. */
export class PaceDto {
  @IsObject() @CoreType('OwnPace') pace!: Record<string, unknown>;
}
