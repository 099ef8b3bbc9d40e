import type { ConnectCuff } from './cuff.js';

/** As the Bluetooth specification names the service and what it tells. */
const SERVICE = 'blood_pressure';
const MEASUREMENT = 'blood_pressure_measurement';

/** The parts of Web Bluetooth that are used; browsers that have none of it have no types either. */
interface Characteristic extends EventTarget {
  value?: DataView;
  startNotifications(): Promise<unknown>;
}
interface Device extends EventTarget {
  name?: string;
  gatt: {
    connect(): Promise<{
      getPrimaryService(name: string): Promise<{ getCharacteristic(name: string): Promise<Characteristic> }>;
    }>;
    disconnect(): void;
  };
}
interface Bluetooth {
  requestDevice(options: { filters: readonly { services: readonly string[] }[] }): Promise<Device>;
}

const bluetooth = (): Bluetooth | undefined => (navigator as { bluetooth?: Bluetooth }).bluetooth;

/** Whether this browser can speak to a cuff. */
export const hasBluetooth = (): boolean => bluetooth() !== undefined;

/** A cuff by Bluetooth: the browser asks which. */
export const bluetoothCuff: ConnectCuff = async ({ onMessage, onGone }) => {
  const device = await bluetooth()!.requestDevice({ filters: [{ services: [SERVICE] }] });
  device.addEventListener('gattserverdisconnected', onGone);
  const server = await device.gatt.connect();
  const told = await (await server.getPrimaryService(SERVICE)).getCharacteristic(MEASUREMENT);
  told.addEventListener('characteristicvaluechanged', () => told.value && onMessage(told.value));
  await told.startNotifications();
  return {
    name: device.name ?? 'The cuff',
    close: () => {
      device.removeEventListener('gattserverdisconnected', onGone);
      device.gatt.disconnect();
    },
  };
};
