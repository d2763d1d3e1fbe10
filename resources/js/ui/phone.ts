/** Too narrow for the desk: a phone, on which the wall is the place to work. */
export const isPhone = (): boolean => window.matchMedia('(max-width: 640px)').matches;
