/** Stands in the built page for the part of Node that the solver asks for where it runs in Node: in a browser it never does. */
export const createRequire = (): never => {
  throw new Error('this is no Node');
};
