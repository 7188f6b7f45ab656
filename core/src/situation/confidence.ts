/** How sure we are of a fact. */
export type Confidence = 'high' | 'medium' | 'low';

/** One step less sure: of what was gone through too long ago, or not matched line by line. */
export const lessSure: Readonly<Record<Confidence, Confidence>> = { high: 'medium', medium: 'low', low: 'low' };
