export const sumOf = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0);
