export const shots = async () => {};
