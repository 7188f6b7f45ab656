/** Whether a store refused for want of room: the one reason for which older copies give way. */
export const isNoRoom = (error: unknown): boolean =>
  typeof error === 'object' && error !== null && 'name' in error && error.name === 'QuotaExceededError';
