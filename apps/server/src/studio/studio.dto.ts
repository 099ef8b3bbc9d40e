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
