/** Whether this server was started with the made-up data. */
export const isDemo = (): boolean => process.env.FROST_PICK_DEMO === '1';
