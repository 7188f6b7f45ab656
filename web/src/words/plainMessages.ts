import { compile, registerMessageCompiler, type MessageContext } from '@intlify/core-base';

/** What gives a message more than its own words: a name put in, a choice of number, another message, an escape. */
const syntax = /[{}@|\\]/;

/**
 * Most messages are nothing but their words. They are not taken apart to find that out: on a first screen of some sixty messages
 * the compiler would take as long as the drawing of it.
 */
registerMessageCompiler<string>((message, context) =>
  typeof message === 'string' && !syntax.test(message)
    ? (asked: MessageContext) => (asked.type === 'text' ? message : compile<string>(message, context)(asked))
    : compile<string>(message, context),
);
