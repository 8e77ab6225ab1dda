/** The part of quadprog that is used: a port of Goldfarb and Idnani's dual method. Its arrays start at 1. */
declare module 'quadprog' {
  interface Solution {
    readonly solution: number[];
    readonly value: number[];
    readonly message: string;
  }
  const quadprog: {
    solveQP(D: number[][], d: number[], A: number[][], b: number[], equalities?: number): Solution;
  };
  export default quadprog;
}
