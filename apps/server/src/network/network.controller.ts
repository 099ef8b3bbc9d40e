import { Body, Controller, Get, Put, Req } from '@nestjs/common';
import { ApiOkResponse, ApiTags } from '@nestjs/swagger';
import type { FastifyRequest } from 'fastify';
import { Allow } from '../common/context.js';
import { isFromHere } from '../common/fromHere.js';
import { NetworkDto, NetworkSwitchDto } from './network.dto.js';
import { NetworkService } from './network.service.js';

/** Other devices in the hall. */
@ApiTags('network')
@Allow('owner')
@Controller('api/network')
export class NetworkController {
  constructor(private readonly network: NetworkService) {}

  @Get()
  @ApiOkResponse({ type: NetworkDto })
  status(@Req() request: FastifyRequest): NetworkDto {
    return this.network.status(isFromHere(request));
  }

  @Put()
  @ApiOkResponse({ type: NetworkDto })
  switch(@Req() request: FastifyRequest, @Body() { isOn }: NetworkSwitchDto): Promise<NetworkDto> {
    return this.network.switch(isOn, isFromHere(request));
  }
}
