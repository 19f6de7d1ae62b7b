/** English of what core/line says. */
export const line = {
  overCapacity: "{task} wants more of {resource} than there is: there is {capacity}",
  ring: "{tasks}: each of them waits for the one before, round and round",
  clash: "{tasks} do not fit together: they want {resources} at the same minutes",
  clashOfMany: "{tasks} and {more} more do not fit together: they want {resources} at the same minutes",
  waitsClash: "{tasks} do not fit together: the waits between them and their serve leave no minute for all",
} as const;
