import { useCallback, useEffect, useRef, useState } from 'react';
import type { WorkshopContext } from '../../../core/state';
import type { Board } from '../../../core/stage';
import { call } from '../../device/client';
import { useDevice } from '../../device/useDevice';
import { saveBikes } from './saveBikes';

/** The board as it stands: asked for anew when something happens in the workshop, and its bikes kept on this device. */
export function useBoard(workshop: WorkshopContext, first: Board, offline: boolean) {
  const [board, setBoard] = useState(first);
  const { lines } = board;
  const asked = useRef(0);
  const again = useCallback(() => {
    const mine = ++asked.current;
    setTimeout(() => {
      // Several entries in one moment are one look.
      if (mine !== asked.current) return;
      void call('GET /api/jobs').then((now) => {
        // What was asked later knows more.
        if (now.ok && mine === asked.current) setBoard(now.body);
      });
    }, 250);
  }, []);
  const known = useDevice(workshop.shop.id, again);
  const { device } = known;
  useEffect(() => {
    device.lastHeard = Math.max(device.lastHeard, workshop.shop.seq);
    if (!offline) void device.saveWorkshop(workshop, true);
  }, [device, workshop, offline]);
  useEffect(() => {
    let going = true;
    const timer = setTimeout(() => void saveBikes(device, lines, () => going), 800);
    return () => {
      going = false;
      clearTimeout(timer);
    };
  }, [device, lines]);
  return { board, ...known };
}
