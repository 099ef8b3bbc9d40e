import { ArrayMaxSize, IsArray, IsObject } from 'class-validator';

/** A position on each topic; what is left out is the usual one. */
export class HouseViewDto {
  @IsObject() houseView!: Record<string, string>;
}

/** What a hall changes about the rulebook. The core, which knows the rules, checks each change. */
export class HallRulesDto {
  @IsArray() @ArrayMaxSize(300) moved!: unknown[];
  @IsArray() @ArrayMaxSize(300) own!: unknown[];
}

/** What the hall owns, by prop. */
export class StockDto {
  @IsObject() stock!: Record<string, unknown>;
}

/** The teacher's own pace: seconds that differ from the usual. */
export class PaceDto {
  @IsObject() pace!: Record<string, unknown>;
}
