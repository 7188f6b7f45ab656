/** The rig from the side as plain paths and boxes, for the screen and for paper: lengths only, no mass. */
export { placeBoxes, sitting, tankBoxes } from './aboard.ts';
export { camperShape, trailerShape, vehicleShape, wheels } from './bodies.ts';
export { layoutRig, pillarHeight, type DrawingLayout, type FrameName } from './layout.ts';
export { supportX } from './supports.ts';
