import app from './en/app.json' with { type: 'json' };
import cli from './en/cli.json' with { type: 'json' };
import core from './en/core.json' with { type: 'json' };
import lexicon from './en/lexicon.json' with { type: 'json' };
import meaning from './en/meaning.json' with { type: 'json' };

/** Every word on screen and in the terminal, a folder a language. */
export const english = { ...core, app, cli, lexicon, meaning };

/** The word for a term in a region, where the region has one of its own; else the common one. */
export function lexiconKey(term: string, region: 'au' | 'uk' | 'eu' | 'na'): string {
  const own: Readonly<Record<string, string>> = lexicon[region];
  return term in own ? `lexicon.${region}.${term}` : `lexicon.common.${term}`;
}
