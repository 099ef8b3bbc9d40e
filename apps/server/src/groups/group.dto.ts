import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsBoolean,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { IsLine, IsListOf, IsRealDate } from '../common/checks.js';

/** Somebody on the roster. */
export class OnRosterDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() id!: string;
  /** Waits for a place. */
  @ApiProperty() @IsBoolean() waiting!: boolean;
}

/** A group that meets on one day of the week. */
export class GroupDraftDto {
  @ApiProperty()
  @IsString()
  @IsLine('a title')
  @Length(1, 160, { message: 'a title is needed' })
  title!: string;
  @ApiProperty({ minimum: 1, maximum: 7, description: '1 is Monday, 7 Sunday.' })
  @IsInt()
  @Min(1)
  @Max(7, { message: 'a day of the week is needed' })
  weekday!: number;
  @ApiPropertyOptional()
  @IsOptional()
  @Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'the time is like 18:00' })
  time?: string;
  @ApiPropertyOptional() @IsOptional() @IsString() @IsLine('a place') @MaxLength(120) place?: string;
  @ApiPropertyOptional({ minimum: 1, maximum: 300, description: 'So many have room.' })
  @IsOptional()
  @IsInt({ message: 'how many have room is a whole number' })
  @Min(1, { message: 'at least one has room' })
  @Max(300, { message: 'at most 300 have room' })
  most?: number;
  @ApiPropertyOptional({ format: 'uuid', description: 'What its classes begin from.' })
  @IsOptional()
  @IsUUID()
  sequenceId?: string;
  @ApiProperty({ format: 'date' }) @IsRealDate('the first day') firstOn!: string;
  @ApiPropertyOptional({ format: 'date' }) @IsOptional() @IsRealDate('the last day') lastOn?: string;
  @ApiProperty({ type: [OnRosterDto], description: 'In the order in which they came to it.' })
  @ArrayMaxSize(300)
  @ArrayUnique(({ id }: OnRosterDto) => id, { message: 'somebody is on the roster twice' })
  @IsListOf(() => OnRosterDto)
  people!: OnRosterDto[];
}

/** That somebody does otherwise on one day; as always where it is not said how. */
export class OtherDayDto {
  @ApiProperty({ format: 'uuid' }) @IsUUID() personId!: string;
  @ApiProperty({ format: 'date' }) @IsRealDate('the day') on!: string;
  @ApiPropertyOptional() @IsOptional() @IsBoolean() comes?: boolean;
}

/** What somebody does otherwise, as it is kept. */
export class KeptOtherDayDto {
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty({ format: 'date' }) on!: string;
  @ApiProperty() comes!: boolean;
}

/** A class of a group. */
export class GroupClassDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'date' }) on!: string;
}

/** A group as it stands. */
export class GroupDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() title!: string;
  @ApiProperty() weekday!: number;
  @ApiProperty({ type: String, nullable: true }) time!: string | null;
  @ApiProperty({ type: String, nullable: true }) place!: string | null;
  @ApiProperty({ type: Number, nullable: true }) most!: number | null;
  @ApiProperty({ type: String, format: 'uuid', nullable: true }) sequenceId!: string | null;
  @ApiProperty({ format: 'date' }) firstOn!: string;
  @ApiProperty({ type: String, format: 'date', nullable: true }) lastOn!: string | null;
  @ApiProperty({ type: [OnRosterDto] }) people!: OnRosterDto[];
  /** From today on. */
  @ApiProperty({ type: [KeptOtherDayDto] }) days!: KeptOtherDayDto[];
  /** Its classes from today on, the next first. */
  @ApiProperty({ type: [GroupClassDto] }) classes!: GroupClassDto[];
  @ApiProperty() version!: number;
}
