import { randomUUID } from 'node:crypto';
import {
  Body,
  Controller,
  Delete,
  Get,
  HttpCode,
  Injectable,
  Module,
  NotFoundException,
  Param,
  ParseUUIDPipe,
  Post,
} from '@nestjs/common';
import { InjectModel, SequelizeModule } from '@nestjs/sequelize';
import {
  BUILT_IN,
  faultsOf,
  fold,
  OWN_JOINTS,
  ownFrames,
  solveAll,
  variantOfOwn,
  variantPrint,
  withOwn,
  type Catalogue,
  type InputError,
  type OwnVariant,
  type Pose,
} from '@lotus-steady/core';
import { Op } from 'sequelize';
import { IsObject, IsOptional, IsString, Length, MaxLength } from 'class-validator';
import { ClassRow, FittingRow, OwnVariantRow } from '../database/models.js';
import { FieldsException } from '../http/problems.js';
import { StudioModule } from '../studio/studio.module.js';
import { StudioService } from '../studio/studio.service.js';

/** A teacher's own variant as she made it. */
class OwnVariantDto {
  @IsString() @Length(1, 80, { message: 'a name is needed, up to 80 letters' }) name!: string;
  @IsString() @MaxLength(120) pose!: string;
  /** Given where it is to be a pose of its own, made from `pose`. */
  @IsOptional()
  @IsString()
  @Length(1, 80, { message: 'a name for the pose is needed, up to 80 letters' })
  poseName?: string;
  @IsString() @MaxLength(160) base!: string;
  /** The rung it comes after; empty for the first place. */
  @IsString() @MaxLength(160) after!: string;
  @IsObject() angles!: Record<string, number>;
}

const slug = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '');

/** Whether a name is one that is already written for one of these, however it is spelt. */
const isTaken = (name: string, names: readonly string[]): boolean =>
  names.some((known) => fold(known) === fold(name));
const namesOf = (pose: Pose): string[] => [
  pose.name,
  ...(pose.sanskrit ? [pose.sanskrit] : []),
  ...pose.aliases,
];

@Injectable()
export class OwnVariantsService {
  /** Made anew when an own variant comes or goes: indexing and solving are not done for every request. */
  private built: Catalogue | undefined;

  constructor(
    @InjectModel(OwnVariantRow) private readonly rows: typeof OwnVariantRow,
    @InjectModel(FittingRow) private readonly fittings: typeof FittingRow,
    private readonly studio: StudioService,
  ) {}

  async list(): Promise<(OwnVariant & { key: string })[]> {
    const { id: studioId } = await this.studio.current();
    const rows = await this.rows.findAll({ where: { studioId }, order: [['createdAt', 'ASC']] });
    for (const row of rows) await this.measuredAsNow(row);
    return rows.map(
      ({ id: key, variantId: id, pose, poseName, base, after, name, angles, frames, solved }) => ({
        key,
        id,
        pose,
        ...(poseName ? { poseName } : {}),
        base,
        after,
        name,
        angles,
        frames,
        solved,
      }),
    );
  }

  /**
   * Solves what was solved when bodies were measured in another way: rules are held against today's
   * measures.
   */
  private async measuredAsNow(row: OwnVariantRow): Promise<void> {
    const variant = variantOfOwn(
      { id: row.variantId, name: row.name, frames: row.frames },
      BUILT_IN.variant(row.base).variant,
    );
    const print = variantPrint(variant);
    if (row.print !== print) await row.update({ solved: solveAll(variant), print });
  }

  /** The built-in catalogue with this hall's own variants. */
  async catalogue(): Promise<Catalogue> {
    return (this.built ??= withOwn(await this.list()));
  }

  /** Keeps an own variant once it stands: solved for every height, or refused with what is wrong. */
  async create(dto: OwnVariantDto): Promise<{ id: string }> {
    const errors: InputError[] = [];
    const pose = BUILT_IN.poses.find((known) => known.id === dto.pose);
    const base = pose?.ladder.find((variant) => variant.id === dto.base);
    const { poses } = await this.catalogue();
    if (!pose || !base)
      errors.push({ field: 'base', message: 'The variant it starts from is not in the catalogue.' });
    const joints = new Map(
      OWN_JOINTS.flatMap((joint) =>
        [
          joint.key,
          ...(joint.sided
            ? ['R', 'L'].map((side) => joint.key.replace(/^[a-z]+/, (word) => word + side))
            : []),
        ].map((key) => [key, joint] as const),
      ),
    );
    for (const [key, degrees] of Object.entries(dto.angles)) {
      const joint = joints.get(key);
      if (!joint)
        errors.push({ field: `angles.${key}`, message: `"${key}" is not a joint that can be set.` });
      else if (typeof degrees !== 'number' || !(degrees >= joint.least && degrees <= joint.most))
        errors.push({
          field: `angles.${key}`,
          message: `${joint.name} goes from ${joint.least} to ${joint.most} degrees.`,
        });
    }
    // A name asks for one thing: an own "Tree" would take the built-in tree out of every sequence.
    const poseName = dto.poseName?.trim();
    const rungs = poses.find((known) => known.id === dto.pose)?.ladder ?? [];
    if (poseName && poses.some((known) => isTaken(poseName, namesOf(known))))
      errors.push({ field: 'poseName', message: 'A pose has this name already. Choose another.' });
    if (
      !poseName &&
      isTaken(
        dto.name,
        rungs.flatMap((variant) => [variant.name, ...(variant.words ?? [])]),
      )
    )
      errors.push({ field: 'name', message: 'A rung of this pose has this name already. Choose another.' });
    if (!slug(dto.name) || (poseName !== undefined && !slug(poseName)))
      errors.push({
        field: slug(dto.name) ? 'poseName' : 'name',
        message: 'A name has letters or figures in it.',
      });
    if (errors.length) throw new FieldsException(errors);
    // Ids are never given twice: figures and kept classes hold on to them.
    const mark = randomUUID().slice(0, 6);
    const poseId = poseName ? `own-${slug(poseName)}-${mark}` : dto.pose;
    const variantId = `${poseId}.own-${slug(dto.name)}-${mark}`;
    const frames = ownFrames(base!, dto.angles);
    const variant = variantOfOwn({ id: variantId, name: dto.name.trim(), frames }, base!);
    const faults = faultsOf(variant);
    if (faults.length)
      throw new FieldsException([
        { field: 'angles', message: `It does not stand like this: ${faults.join('; ')}.` },
      ]);
    const { id: studioId } = await this.studio.current();
    await this.rows.create({
      studioId,
      variantId,
      pose: poseId,
      poseName: poseName ?? null,
      base: dto.base,
      after: dto.after,
      name: dto.name.trim(),
      angles: dto.angles,
      frames,
      solved: solveAll(variant),
      print: variantPrint(variant),
    });
    this.built = undefined;
    return { id: variantId };
  }

  async remove(key: string): Promise<void> {
    const row = await this.rows.findByPk(key);
    if (!row) throw new NotFoundException('This variant is not in the list.');
    // A kept class opens unchanged later: what it uses stays.
    const used = await this.fittings.findOne({
      where: { output: { [Op.like]: `%"${row.variantId}"%` } },
      include: [ClassRow],
    });
    if (used)
      throw new FieldsException([
        {
          field: 'key',
          message:
            `The class “${used.class.title}” of ${used.class.on} uses it. Remove that class, or ` +
            `plan it again without it, first.`,
        },
      ]);
    await row.destroy();
    this.built = undefined;
  }
}

@Controller('api/own-variants')
class OwnVariantsController {
  constructor(private readonly own: OwnVariantsService) {}

  @Get() list() {
    return this.own.list();
  }
  @Post() create(@Body() dto: OwnVariantDto) {
    return this.own.create(dto);
  }
  @Delete(':key') @HttpCode(204) remove(@Param('key', ParseUUIDPipe) key: string) {
    return this.own.remove(key);
  }
}

@Module({
  imports: [SequelizeModule.forFeature([OwnVariantRow, FittingRow, ClassRow]), StudioModule],
  controllers: [OwnVariantsController],
  providers: [OwnVariantsService],
  exports: [OwnVariantsService],
})
export class OwnVariantsModule {}
