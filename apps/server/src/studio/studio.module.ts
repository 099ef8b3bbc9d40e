import { Body, Controller, Get, HttpCode, Module, Put } from '@nestjs/common';
import { SequelizeModule } from '@nestjs/sequelize';
import { HallRulesDto, HouseViewDto, PaceDto, StockDto } from './studio.dto.js';
import { StudioRow } from '../database/models.js';
import { StudioService } from './studio.service.js';

@Controller('api/studio')
class StudioController {
  constructor(private readonly studio: StudioService) {}

  @Get()
  async current() {
    const { name, teacher, houseView, stock, rules, pace } = await this.studio.current();
    return { name, teacher, houseView, stock, rules, pace };
  }

  @Put('house-view') @HttpCode(204) keepHouseView(@Body() { houseView }: HouseViewDto) {
    return this.studio.keepHouseView(houseView);
  }
  @Put('stock') @HttpCode(204) keepStock(@Body() { stock }: StockDto) {
    return this.studio.keepStock(stock);
  }
  @Put('pace') @HttpCode(204) keepPace(@Body() { pace }: PaceDto) {
    return this.studio.keepPace(pace);
  }
  @Put('rules') @HttpCode(204) keepRules(@Body() rules: HallRulesDto) {
    return this.studio.keepRules(rules);
  }
}

@Module({
  imports: [SequelizeModule.forFeature([StudioRow])],
  controllers: [StudioController],
  providers: [StudioService],
  exports: [StudioService],
})
export class StudioModule {}
