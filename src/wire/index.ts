export type { CodedErrorBody, ErrorBody, WireCode } from './errorBody';
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
