/** How fine a ruling a mesh carries: the schools divide its threads per inch. */
export const rulingSchools: [string, string][] = [
  ["4", "mesh by 4, risky"],
  ["5", "mesh by 5, usual"],
  ["5.5", "mesh by 5.5, cautious"],
  ["6", "mesh by 6, very cautious"],
];
