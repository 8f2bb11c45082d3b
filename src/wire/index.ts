export type { CodedTold, Told, WireCode } from './told';
export type { CommandAnswer, CommandAnswers, JournalPage, KeptCommand } from './answers';
export {
  demoActs,
  type AnswerOf,
  type BikeSpecification,
  type BroughtIn,
  type DemoAct,
  type DeviceList,
  type EndpointName,
  type Endpoints,
  type EnterWish,
  type ImportChoice,
  type ImportConflict,
  type ImportReport,
  type PairedDevice,
  type PairingCode,
  type RefusedDevice,
} from './endpoints';
