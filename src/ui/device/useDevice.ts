import { useEffect, useState } from 'react';
import { deviceFor, type Device } from './device';
import { roomLeft, type Room } from './storage';
import type { OutboxItem, Connection } from './types';

export interface DeviceView {
  device: Device;
  line: Connection;
  items: OutboxItem[];
  room: Room | null;
}

/** The device of a workshop, for screens that belong to no single job. */
export function useDevice(shopId: string, onEntries?: () => void): DeviceView {
  const [device] = useState(() => deviceFor(shopId));
  const [line, setLine] = useState<Connection>('up');
  const [items, setItems] = useState<OutboxItem[]>([]);
  useEffect(() => {
    const leave = device.use();
    let here = true;
    const refresh = () => void device.items().then((now) => here && setItems(now));
    const deaf = device.subscribe((news) => {
      if (news.kind === 'line') setLine(news.line);
      else if (news.kind === 'entries' || news.kind === 'catchUp') onEntries?.();
      if (news.kind === 'added' || news.kind === 'answered' || news.kind === 'refused' || news.kind === 'outbox') refresh();
    });
    refresh();
    return () => {
      here = false;
      deaf();
      leave();
    };
  }, [device, onEntries]);
  return { device, line, items, room: useRoom(items.length) };
}

/** How much room this device has left; looked at again whenever what it keeps changes. */
export function useRoom(mark: number): Room | null {
  const [room, setRoom] = useState<Room | null>(null);
  useEffect(() => {
    let here = true;
    void roomLeft().then((left) => here && setRoom(left));
    return () => {
      here = false;
    };
  }, [mark]);
  return room;
}
