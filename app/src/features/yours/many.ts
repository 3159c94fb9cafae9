/** How many of something, in words a person reads. */
export const many = (count: number, [one, several]: readonly [string, string]): string =>
  `${count.toLocaleString('en')} ${count === 1 ? one : several}`;
