/** Who speaks; set from the session, never by the command. */
export interface Speaker {
  shopId: string;
  actorId: string | null;
  deviceId: string | null;
  /** When another installation received it, for an entry that is brought in from there. */
  receivedAt?: string;
}
