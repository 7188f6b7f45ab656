/** A short identifier that no other entry has. */
export const newId = (): string => crypto.randomUUID().slice(0, 13);
