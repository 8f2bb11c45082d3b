export type { Told, WireCode } from './told';
export type { CommandAnswer, CommandAnswers, JournalPage } from './answers';
