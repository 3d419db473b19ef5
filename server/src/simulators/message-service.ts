export interface OutgoingMessage {
  to: string;
  body: string;
}

/** Whatever carries a message to an athlete: text message, mail, club app. */
export interface MessageService {
  /** Resolves with the moment of delivery, ISO. */
  deliver(message: OutgoingMessage): Promise<string>;
}

/** Stand-in that ships with the program: delivers at once; what it sent is seen in the outbox. */
export function immediateMessageService(now: () => Date): MessageService {
  return { deliver: async () => now().toISOString() };
}
