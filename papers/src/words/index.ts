/** How numbers, margins and sources are put into words, on the screen, on paper and in the terminal. */
export { operandText, writtenOperand } from './arithmetic.ts';
export { drawnFrom, slipName } from './drawnFrom.ts';
export { demandText, leastWord, limitText, marginText, type Translate } from './margin.ts';
export { limitWord, quantityWord, saidBy, speechOf } from './speech.ts';
export { written, writtenDay, writtenMoment } from './inLanguage.ts';
export { amountText, checkAmount, writtenLength } from './written.ts';
