export const fileFormat = 'wagonomos';
export const fileVersion = 18;
