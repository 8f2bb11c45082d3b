export const bench = async () => {};
