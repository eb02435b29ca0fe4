/** Whether a line came in with a kit: adapted lines are called conflict/kit/ingredient. */
export const cameIn = (lineId: string): boolean => lineId.split('/').length === 3;
