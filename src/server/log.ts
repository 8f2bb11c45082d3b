import pino from 'pino';

export const log = pino({ level: process.env.IVREK_LOG ?? 'warn', base: null }, pino.destination(2));
