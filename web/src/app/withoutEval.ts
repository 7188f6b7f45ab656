/**
 * The page runs no code made from text. Told so before the first schema is made, Zod does not try it out: the attempt is refused by
 * the page's policy, and the browser reads all of the script again to say where. Zod comes later than this, and looks here for it.
 */
Object.assign(globalThis, { __zod_globalConfig: { jitless: true } });
