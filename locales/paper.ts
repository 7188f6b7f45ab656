import paper from './en/paper.json' with { type: 'json' };

/** The words of papers and of the desk they are made at: asked for with them, and no part of the first load. */
export const paperEnglish = { paper };
