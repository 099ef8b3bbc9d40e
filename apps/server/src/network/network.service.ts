import {
  ConflictException,
  ForbiddenException,
  Inject,
  Injectable,
  type OnApplicationShutdown,
} from '@nestjs/common';
import { HttpAdapterHost } from '@nestjs/core';
import { InjectModel } from '@nestjs/sequelize';
import type { FastifyInstance } from 'fastify';
import { LocalNetwork, type NetworkOptions } from './localNetwork.js';
import type { NetworkDto } from './network.dto.js';
import { SettingRow } from '../database/setting.model.js';

/** How others reach this computer; null where they never do. */
export const NETWORK = 'lotus:network';
/** With `isOn` it was asked for at the start. */
export type NetworkSetting = NetworkOptions & { isOn: boolean };

const SETTING = 'network';

@Injectable()
export class NetworkService implements OnApplicationShutdown {
  private readonly network: LocalNetwork | undefined;

  constructor(
    @Inject(NETWORK) private readonly setting: NetworkSetting | null,
    @InjectModel(SettingRow) private readonly settings: typeof SettingRow,
    adapter: HttpAdapterHost,
  ) {
    if (!setting) return;
    const fastify = (): FastifyInstance => adapter.httpAdapter.getInstance<FastifyInstance>();
    this.network = new LocalNetwork(setting, (request, response) => fastify().routing(request, response));
  }

  /** Names that the encrypted door answers to. */
  names(): readonly string[] {
    return this.network?.names() ?? [];
  }

  /** Where other devices find it, the likeliest first; none while the door is closed. */
  addresses(): string[] {
    return this.network?.isOn ? this.network.addresses() : [];
  }

  /** Opens the door, where that was asked for at the start or switched on. @throws where it cannot be */
  async begin(): Promise<void> {
    const kept = (await this.settings.findByPk(SETTING))?.value as { isOn: boolean } | undefined;
    if (this.setting?.isOn || kept?.isOn) await this.network?.open();
  }

  async onApplicationShutdown(): Promise<void> {
    await this.network?.close();
  }

  /** @param isHere whether whoever asks sits at this computer */
  status(isHere: boolean): NetworkDto {
    const { network, setting } = this;
    const isOn = network?.isOn ?? false;
    const fingerprint = isOn ? network!.fingerprint : undefined;
    return {
      isOn,
      isSetAtStart: setting?.isOn ?? true,
      isHere,
      addresses: this.addresses(),
      hasOwnCertificate: network?.hasOwnCertificate ?? false,
      ...(fingerprint ? { fingerprint } : {}),
    };
  }

  /** Opens or closes the door, and keeps that for the next start. */
  async switch(isOn: boolean, isHere: boolean): Promise<NetworkDto> {
    if (!isHere) throw new ForbiddenException('This is switched at the computer that Lotus Steady runs on.');
    if (!this.network || this.setting!.isOn)
      throw new ConflictException('This was set where the program was started (HOST), and is changed there.');
    try {
      await (isOn ? this.network.open() : this.network.close());
    } catch {
      throw new ConflictException(
        'The door for other devices could not be opened: is its port taken? LOTUS_NETWORK_PORT names another.',
      );
    }
    await this.settings.upsert({ name: SETTING, value: { isOn } });
    return this.status(isHere);
  }
}
