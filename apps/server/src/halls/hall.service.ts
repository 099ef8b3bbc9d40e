import { Injectable } from '@nestjs/common';
import { readHallRules, readHouseView, readPace, readStock, type InputError } from '@lotus-steady/core';
import { RULEBOOK } from '@lotus-steady/core/rulebook';
import { Clock } from '../common/clock.js';
import type { RequestContext } from '../common/context.js';
import { FieldsException } from '../common/problems.js';
import type { HallDto, VersionDto } from './hall.dto.js';
import { HallRepository } from './hall.repository.js';

const refuse = (errors: readonly InputError[]): void => {
  if (errors.length) throw new FieldsException(errors);
};

@Injectable()
export class HallService {
  constructor(
    private readonly halls: HallRepository,
    private readonly clock: Clock,
  ) {}

  async current(context: RequestContext): Promise<HallDto> {
    const { name, teacher, timeZone, houseView, stock, rules, pace, version, stockVersion } =
      await this.halls.of(context);
    const today = this.clock.today(timeZone);
    return { name, teacher, today, houseView, stock, rules, pace, version, stockVersion };
  }

  /** Today's date where the hall is. */
  async today(context: RequestContext): Promise<string> {
    return this.clock.today((await this.halls.of(context)).timeZone);
  }

  /** Keeps the hall's position on each topic; classes already planned keep theirs. */
  async saveHouseView(context: RequestContext, chosen: unknown, read: number): Promise<VersionDto> {
    const { houseView, errors } = readHouseView(chosen, RULEBOOK);
    refuse(errors);
    return this.halls.change(context, { houseView }, read);
  }

  /** Keeps what the hall changes about the rulebook, each with its reason. */
  async saveRules(context: RequestContext, changes: unknown, read: number): Promise<VersionDto> {
    const { hall, errors } = readHallRules(changes, RULEBOOK);
    refuse(errors);
    return this.halls.change(context, { rules: hall }, read);
  }

  /** Keeps what the hall owns; classes are fitted within it from then on. */
  async saveStock(context: RequestContext, counts: unknown, read: number): Promise<VersionDto> {
    const { stock, errors } = readStock(counts);
    refuse(errors);
    return this.halls.change(context, { stock }, read, 'stockVersion');
  }

  /** Keeps the teacher's own pace. */
  async savePace(context: RequestContext, own: unknown, read: number): Promise<VersionDto> {
    const { pace, errors } = readPace(own);
    refuse(errors);
    return this.halls.change(context, { pace }, read);
  }
}
