import { Controller, Get, Module } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { StudioRow } from '../database/models.js';
import { StudioService } from './studio.service.js';

@Controller('api/studio')
class StudioController {
  constructor(private readonly studio: StudioService) {}

  @Get()
  async current() {
    const { name, teacher, houseView, stock } = await this.studio.current();
    return { name, teacher, houseView, stock };
  }
}

@Module({ imports: [SequelizeModule.forFeature([StudioRow])], controllers: [StudioController], providers: [StudioService], exports: [StudioService] })
export class StudioModule {}
